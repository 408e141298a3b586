<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Cards\Paper;
use App\Log\Table\TableText;
use App\Models\GearRecord;
use App\Models\User;
use App\Owned\Owned;
use RushHold\Counts\Dimension;
use RushHold\Hold\Scheme;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Tables\DayOrder;

/** Everything the API can be asked, by verb and address below /api/. */
final class Operations
{
    private const ID = ['type' => 'string', 'minLength' => 26, 'maxLength' => 26];

    private const REVISION = ['revision' => ['type' => 'integer', 'description' => 'The one the change is made on; 409 when there is a later one.']];

    private const WRITE = self::REVISION + [
        'gesture?' => ['type' => 'string', 'maxLength' => 40, 'description' => 'Changes of one gesture are undone together.'],
        'write_id?' => ['type' => 'string', 'maxLength' => 40, 'description' => 'Given back with the record, so that a writer knows its own write when the answer was lost.'],
    ];

    private const CREATION = ['write_id?' => ['type' => 'string', 'maxLength' => 40, 'description' => 'Sent again, it makes no second record.']];

    private const POINT = ['type' => 'object', 'properties' => ['latitude_deg' => ['type' => 'number', 'minimum' => -90, 'maximum' => 90], 'longitude_deg' => ['type' => 'number', 'minimum' => -180, 'maximum' => 180]], 'required' => ['latitude_deg', 'longitude_deg'], 'additionalProperties' => false];

    private const NAME = ['type' => 'string', 'minLength' => 1, 'maxLength' => GearRecord::NAME];

    private const PASSWORD = ['type' => 'string', 'minLength' => 10];

    private const RUSH = ['rush' => ['$ref' => 'rush-hold:/schemas/rush.json']];

    private const IN_USE = ['kit_id' => self::ID, 'focal_mm?' => ['type' => ['number', 'null'], 'minimum' => 2, 'maximum' => 2500, 'description' => 'Where the zoom is set; null leaves it to the plan.']];

    private const DIALS = ['$ref' => 'rush-hold:/schemas/dials.json'];

    /** Who asks for a page by this address: {gear} is a piece, {rush} a rush, by their ids. */
    private const PARAMETERS = [
        'gear' => 'Id of a piece of gear.', 'card' => 'Id of a card.', 'rush' => 'Id of a rush.', 'kit' => 'Id of a kit.', 'sweep' => 'Id of a sweep.', 'table' => 'Id of a table that is being taken in, or was.', 'token' => 'Text of a link, or id of a key.',
        'scheme' => 'A button scheme.', 'file' => 'Id of a file.', 'place' => 'Id of a place.', 'outing' => 'Id of an outing.', 'burst' => 'Id of a burst.', 'frame' => 'Id of a frame.', 'which' => 'Which picture of a frame: whole or piece.', 'purpose' => 'What the file is for: kit or frame.', 'hash' => 'SHA-256 of the file, 64 hexadecimal digits.',
    ];

    /** @var ?array<string, Operation> */
    private static ?array $all = null;

    /** @return array<string, Operation> by "VERB address" */
    public static function all(): array
    {
        return self::$all ??= self::scoped(self::asked());
    }

    /** @return array<string, Operation> the same, without what a key must be allowed */
    public static function asked(): array
    {
        return self::account() + self::gear() + self::layouts() + self::cards() + self::places() + self::outings() + self::log() + self::kits() + self::rushes() + self::rehearsals();
    }

    /**
     * @param  array<string, Operation>  $all
     * @return array<string, Operation> each with what a key must be allowed, as the table says that it is asked of
     */
    private static function scoped(array $all): array
    {
        $owned = app(Owned::class);
        foreach ($all as $at => $operation) {
            [$verb, $address] = explode(' ', $at);
            $all[$at] = $operation->scope === null
                ? $operation->under($owned->scope($address, $verb !== 'GET' && ! $operation->reckons))
                : $operation;
        }

        return $all;
    }

    public static function find(string $verb, string $uri): ?Operation
    {
        return self::all()[($verb === 'HEAD' ? 'GET' : $verb).' '.preg_replace('#^api/#', '', $uri)] ?? null;
    }

    public static function parameter(string $name): string
    {
        return self::PARAMETERS[$name] ?? $name;
    }

    /** @return array<string, Operation> */
    private static function account(): array
    {
        $token = ['name' => self::NAME, 'scopes' => ['type' => 'array', 'items' => ['type' => 'string', 'enum' => array_column(Scope::cases(), 'value')], 'minItems' => 1], 'days?' => ['type' => ['integer', 'null'], 'minimum' => 1, 'maximum' => 366]];
        $email = ['type' => 'string', 'format' => 'email'];
        $settings = ['type' => 'object', 'properties' => array_map(static fn (array $values): array => ['type' => 'string', 'enum' => $values], User::SETTINGS), 'additionalProperties' => false];

        return [
            'GET openapi.json' => new Operation('This document.', 'application/json', scope: Scope::Read),
            'GET session' => new Operation('Whose session this is, and what this copy offers.', 'session'),
            'GET catalogue' => new Operation('The kinds of subject there are, with what is usual of each.', 'catalogue', scope: Scope::Read),
            'POST register' => new Operation('Makes an account and signs it in.', 'signedIn', ['name' => self::NAME, 'email' => $email, 'password' => self::PASSWORD, 'keep?' => ['type' => 'boolean']], status: 201),
            'POST sign-in' => new Operation('Signs in.', 'signedIn', ['email' => $email, 'password' => ['type' => 'string'], 'keep?' => ['type' => 'boolean']]),
            'POST password/forgotten' => new Operation('Mails a link to a new password, where mail is set up.', 'message', ['email' => $email]),
            'POST password/reset' => new Operation('Sets a new password by the link.', 'message', ['email' => $email, 'token' => ['type' => 'string'], 'password' => self::PASSWORD]),
            'POST demo' => new Operation('Makes a copy of the demo and signs it in.', 'signedIn'),
            'POST sign-out' => new Operation('Signs out.', null, status: 204),
            'GET quota' => new Operation('What an account may keep, and how much of that is used.', 'quota'),
            'PUT settings' => new Operation('Changes settings; what is not named stays.', 'signedIn', ['settings' => $settings], Scope::Write),
            'PUT assumptions' => new Operation('Changes assumed figures; null gives one back its default.', 'signedIn', ['assumptions' => ['type' => 'object', 'additionalProperties' => ['type' => ['number', 'null']]]], Scope::Write),
            'PUT subjects' => new Operation('Keeps subjects of your own by name; null lets one go.', 'signedIn', ['subjects' => ['type' => 'object', 'additionalProperties' => ['anyOf' => [['$ref' => 'rush-hold:/schemas/answers.json#/$defs/ownSubject'], ['type' => 'null']]]]], Scope::Write),
            'PUT password' => new Operation('Changes the password.', null, ['current' => ['type' => 'string'], 'password' => self::PASSWORD], status: 204),
            'GET account/archive' => new Operation('The archive of the account that is being written, or can be fetched for a day.', 'filesOut', scope: Scope::Read),
            'POST account/archive' => new Operation('Begins to write everything of the account into a zip, or several where its pictures are long.', 'filesOut', scope: Scope::Read, status: 201),
            'DELETE account/archive' => new Operation('Stops that.', 'filesOut', scope: Scope::Read),
            'GET account/restore' => new Operation('The archive that is being put into this account, or was last.', 'archiveIn', scope: Scope::Write),
            'POST account/restore' => new Operation('Begins to put an archive that was sent as files into this account, which has to be empty. Nothing else can be asked of the account until that is done.', 'archiveIn', ['file_ids' => ['type' => 'array', 'items' => self::ID, 'minItems' => 1, 'maxItems' => 30]], Scope::Write, status: 201),
            'DELETE account/restore' => new Operation('Gives it up: the account is as it was before.', 'archiveIn', scope: Scope::Write),
            'DELETE account' => new Operation('Deletes the account with everything in it.', null, ['password' => ['type' => 'string']], status: 204),
            'GET tokens' => new Operation('The keys of this account for other programs.', 'tokenList'),
            'POST tokens' => new Operation('Makes a key; its text is told this once.', 'tokenMade', $token, status: 201),
            'DELETE tokens/{token}' => new Operation('Ends a key.', null, status: 204),
        ];
    }

    /** @return array<string, Operation> */
    private static function gear(): array
    {
        $document = ['type' => 'object', 'description' => 'The part of kit/1 of its type.'];
        $file = ['file?' => ['type' => 'string', 'description' => 'A kit/1 file as text.'], 'file_id?' => ['type' => 'string', 'description' => 'Or the id of a file sent before.']];
        $choices = ['type' => 'array', 'items' => ['type' => 'string', 'enum' => ['new', 'over', 'skip']], 'description' => 'For each piece.'];

        return [
            'GET gear' => new Operation('Everything you own.', 'gearList'),
            'POST gear' => new Operation('Adds a piece.', 'gearWhole', ['type' => ['type' => 'string', 'enum' => GearRecord::TYPES], 'name' => self::NAME, 'document' => $document] + self::CREATION, Scope::Write, 201),
            ...self::undoable('gear/{gear}', 'piece', 'gearWhole', ['name' => self::NAME, 'document' => $document], true),
            'GET gear/{gear}/translation/{rush}' => new Operation('The hold of a rush in the words of a body.', 'translation'),
            'GET gear/{gear}/camera-state' => new Operation('How a body was left.', 'cameraState'),
            'PUT gear/{gear}/camera-state' => new Operation('Tells how a body was left; of two tellings the later counts.', 'cameraState', ['state' => ['$ref' => 'rush-hold:/schemas/camera-state.json'], 'by' => self::NAME, 'at' => ['type' => 'integer', 'description' => 'ms since 1970.']], Scope::Write),
            'GET gear/{gear}/file' => new Operation('A piece as a kit/1 file.', 'kit-file'),
            'GET files' => new Operation('Files you have sent, newest first.', 'fileList', query: ['purpose' => 'Only those for this purpose.']),
            'PUT files/{purpose}/{hash}' => new Operation('Sends a file; the same content again is the same file, and answers 200 instead of 201.', 'fileWhole', status: 201, query: ['name' => 'What you call it.'], isFile: true),
            'GET files/{file}' => new Operation('The bytes of a file.', 'application/octet-stream'),
            'DELETE files/{file}' => new Operation('Deletes a file.', null, status: 204),
            'GET kit-file' => new Operation('Everything you own as one kit/1 file.', 'kit-file'),
            'POST kit-file/preview' => new Operation('What a kit/1 file would change; nothing is changed.', 'preview', $file, Scope::Read),
            'POST kit-file/photograph' => new Operation('What a photograph tells of the body and lens it was taken with; only its beginning is sent, and nothing is kept.', 'photographTold', ['start' => ['type' => 'string', 'description' => 'Its first bytes, up to 512 KB, in base64.']], Scope::Read),
            'POST kit-file' => new Operation('Takes in pieces of a kit/1 file, all or none.', 'imported', $file + ['choices' => $choices] + self::CREATION, Scope::Write),
        ];
    }

    /** @return array<string, Operation> */
    private static function layouts(): array
    {
        return [
            ...self::undoable('layouts/{gear}', 'layout of a body', 'layoutWhole', ['layout' => ['$ref' => 'rush-hold:/schemas/layout.json']], false),
            'GET layouts/{gear}/scheme/{scheme}' => new Operation('The layout with a button scheme laid on it ('.implode(', ', array_column(Scheme::cases(), 'value')).'); nothing is kept.', 'layoutLaid'),
            'GET layouts/{gear}/best' => new Operation('The quickest layout for the holds of the day; nothing is kept.', 'layoutBest'),
        ];
    }

    /** @return array<string, Operation> */
    private static function cards(): array
    {
        $card = ['name' => self::NAME, 'rushes' => ['type' => 'array', 'items' => self::ID, 'description' => 'Rushes in order.']] + ['outing_id' => ['type' => ['string', 'null'], 'description' => 'The day out whose light its holds are for.']];
        $ticks = ['type' => 'object', 'additionalProperties' => ['type' => 'object', 'properties' => ['on' => ['type' => 'boolean'], 'at' => ['type' => 'integer']], 'required' => ['on', 'at']]];

        return [
            'GET cards' => new Operation('Every card, the newest whole.', 'cardList'),
            'POST cards' => new Operation('Makes a card.', 'card', $card + self::CREATION, Scope::Write, 201),
            ...self::undoable('cards/{card}', 'card', 'card', $card, true),
            'PUT cards/{card}/ticks' => new Operation('Ticks; of each the last made counts.', 'ticks', ['ticks' => $ticks], Scope::Write),
            'POST cards/{card}/share' => new Operation('Shares a card by a link.', 'card', ['days' => ['type' => 'integer', 'minimum' => 1, 'maximum' => 90]], Scope::Write),
            'DELETE cards/{card}/share' => new Operation('Ends the link.', 'card'),
            'GET cards/{card}/pdf' => new Operation('A card on paper.', 'application/pdf', query: ['paper' => implode(', ', array_column(Paper::cases(), 'value'))]),
            'GET shared/{token}' => new Operation('A shared card, for whoever has the link.', 'sharedCard'),
        ];
    }

    /** @return array<string, Operation> */
    private static function places(): array
    {
        $place = ['place' => ['$ref' => 'rush-hold:/schemas/place.json']];

        return [
            'GET places' => new Operation('Every place, what was changed last first.', 'placeList'),
            'POST places' => new Operation('Makes a place.', 'placeWhole', $place + self::CREATION, Scope::Write, 201),
            'POST places/read' => new Operation('The points of a GPX or KML file; nothing is kept.', 'placePoints', ['text' => ['type' => 'string', 'description' => 'The file as text.']], Scope::Read),
            'POST places/bearing' => new Operation('Which way and how far it is from one point to another; nothing is kept.', 'placeBearing', ['from' => self::POINT, 'to' => self::POINT], Scope::Read),
            ...self::undoable('places/{place}', 'place', 'placeWhole', $place, true),
            'GET places/{place}/gpx' => new Operation('The spots of a place as GPX.', 'application/gpx+xml'),
        ];
    }

    /** @return array<string, Operation> */
    private static function outings(): array
    {
        $outing = ['name' => self::NAME, 'place_id' => self::ID, 'outing' => ['$ref' => 'rush-hold:/schemas/outing.json#/$defs/kept']];

        return [
            'GET outings' => new Operation('Every outing, the latest day first.', 'outingList'),
            'POST outings' => new Operation('Makes an outing.', 'outingWhole', $outing + self::CREATION, Scope::Write, 201),
            ...self::undoable('outings/{outing}', 'outing', 'outingWhole', $outing, true),
            'GET outings/{outing}/after' => new Operation('What a day out has come to: what it was for, what came home, what cost most, one change, what was learnt.', 'outingAfter'),
            'GET outings/{outing}/after/pdf' => new Operation('The same on paper.', 'application/pdf'),
            'GET outings/{outing}/day' => new Operation('The day of an outing reckoned: light, holds, order.', 'outingDay'),
            'GET outings/{outing}/at' => new Operation('A rush of the day in the light and the air of one moment, and its plan.', 'outingAt', query: ['rush' => 'By which the outing names it.', 'at' => 'A moment of the outing, ISO 8601.']),
            'GET outings/{outing}/calendar' => new Operation('The day for a calendar, with alarms.', 'text/calendar'),
        ];
    }

    /** @return array<string, Operation> */
    private static function log(): array
    {
        $share = ['type' => 'number', 'minimum' => 0, 'maximum' => 1];
        $box = ['type' => 'object', 'properties' => ['x' => $share, 'y' => $share, 'w' => $share, 'h' => $share], 'required' => ['x', 'y', 'w', 'h']];
        $verdicts = array_column(FrameVerdict::cases(), 'value');
        $columns = ['type' => ['array', 'null'], 'items' => ['type' => 'string', 'maxLength' => 40], 'maxItems' => TableText::COLUMNS];
        $days = ['type' => ['string', 'null'], 'enum' => [...array_column(DayOrder::cases(), 'value'), null]];
        $where = [];
        foreach (Dimension::cases() as $dimension) {
            $where[$dimension->value] = "Only bursts whose {$dimension->words()} is this.";
        }

        return [
            'GET log' => new Operation('A page of bursts, the latest first; before= is what “next” of the page before says.', 'logPage', query: ['before' => 'What “next” of the page before says.', 'of' => 'Only bursts that tell this figure of one’s own.', 'beside' => 'Of that figure, those with frames that were kept out of it instead.', ...$where]),
            'GET log/intake' => new Operation('What is being taken in.', 'logState'),
            'DELETE log/intake' => new Operation('Stops taking in, and lets go of what waits; what has been taken in stays.', 'logState'),
            'GET log/known/{hash}' => new Operation('Whether a file has been taken in before.', 'logKnown'),
            'GET log/agreement' => new Operation('How often the person and the machine have said the same.', 'logAgreement'),
            'GET log/counts' => new Operation('Shares of sharp frames by one thing or two, with their intervals, of those bursts of which what else is asked is so.', 'logCounts', query: ['by' => 'What they are counted by.', 'and' => 'What else, or none.', ...$where]),
            'GET log/counts/compare' => new Operation('Two values of what bursts are counted by, one beside the other.', 'logCompared', query: ['by' => 'What they are values of.', 'one' => 'The one.', 'other' => 'The other.', ...$where]),
            'GET log/promises' => new Operation('What rehearsals have promised beside what came home.', 'logPromises', query: $where),
            'GET log/out' => new Operation('The log for other programs that is being written, or can be fetched for a day.', 'filesOut', scope: Scope::Read),
            'POST log/out' => new Operation('Begins to write it into one zip: frames.csv, log.json (log/1), and beside each photograph its stars and label.', 'filesOut', scope: Scope::Read, status: 201, query: $where),
            'DELETE log/out' => new Operation('Stops that.', 'filesOut', scope: Scope::Read),
            'GET log/learnt' => new Operation('Figures of the person’s own frames, beside what is assumed.', 'logLearnt'),
            'PUT log/learnt/{figure}' => new Operation('Whether one of these is used in place of what is assumed.', 'logLearnt', ['is_on?' => ['type' => 'boolean']], Scope::Write),
            'GET log/tables' => new Operation('The table of frames that is being taken in, or was last.', 'logTable'),
            'POST log/tables/look' => new Operation('How the columns of a table that was sent as a file are read, and the first frames by that.', 'tableLook', ['file_id' => self::ID, 'columns?' => $columns, 'days?' => $days], Scope::Read),
            'POST log/tables/take' => new Operation('Takes the frames of a table that was sent as a file into the log.', 'logTable', ['file_id' => self::ID, 'columns?' => $columns, 'days?' => $days], Scope::Write, 201),
            'DELETE log/tables/{table}' => new Operation('Stops taking a table in; what has come in stays.', 'logTable'),
            'POST log/tables/{table}/back' => new Operation('Takes frames that came with a table away again, as many as one request may.', 'tableBack'),
            'POST log/undo' => new Operation('Takes back what was done in the log last.', 'logTurned'),
            'POST log/redo' => new Operation('Does again what was taken back last.', 'logTurned'),
            'POST log/let-go' => new Operation('Lets the pieces of frames taken before a day go.', 'logLetGo', ['before' => ['type' => 'string', 'pattern' => '^[0-9]{4}-[0-9]{2}-[0-9]{2}$']], Scope::Write),
            'GET bursts/{burst}' => new Operation('A burst with its frames, 600 at a time.', 'burstWhole', query: ['from' => 'How many of its frames stand before those that are told; 0 when it is left out.']),
            'PUT bursts/{burst}/rush' => new Operation('Says which rush a burst was taken for; null takes that back.', 'burstWhole', ['rush_id?' => ['type' => ['string', 'null'], 'minLength' => 26, 'maxLength' => 26]], Scope::Write),
            'PUT bursts/{burst}/subject' => new Operation('Says where the subject is in one frame, as shares of its sides as it is looked at; the others are looked through for it.', 'burstWhole', ['frame' => self::ID, 'box' => $box], Scope::Write),
            'POST bursts/{burst}/split' => new Operation('Makes another burst of its frames from this one on.', 'burstWhole', ['frame' => self::ID], Scope::Write),
            'POST bursts/{burst}/join' => new Operation('Takes the frames of another burst into this one.', 'burstWhole', ['with' => self::ID], Scope::Write),
            'POST bursts/{burst}/agree' => new Operation('Takes the machine’s verdict on every frame nobody has judged.', 'burstWhole'),
            'GET bursts/{burst}/near' => new Operation('The bursts before and after one, the nearest first.', 'logNear'),
            'DELETE bursts/{burst}' => new Operation('Deletes a burst with its frames, for good.', null, status: 204),
            'PUT frames/{frame}/eye' => new Operation('What a person says of a frame; null takes that back.', 'frameEye', ['verdict?' => ['type' => ['string', 'null'], 'enum' => [...array_values(array_diff($verdicts, ['unclear'])), null]]], Scope::Write),
            'GET frames/{frame}/{which}' => new Operation('A picture of a frame.', 'image/jpeg'),
        ];
    }

    /** @return array<string, Operation> */
    private static function kits(): array
    {
        return [
            'GET kits' => new Operation('Every kit put together so far.', 'kitList'),
            'GET kits/reach' => new Operation('What parts can do together.', 'reach', query: ['body_id' => 'Body.', 'lens_id' => 'Lens.', 'converter_id' => 'Converter, or none.', 'adapter_id' => 'Adapter, or none.']),
            'POST kits' => new Operation('Puts a kit together, or finds the one of the same parts (200).', 'kitWhole', ['body_id' => self::ID, 'lens_id' => self::ID, 'converter_id?' => ['type' => ['string', 'null']], 'adapter_id?' => ['type' => ['string', 'null']]], Scope::Write, 201),
            'GET kits/{kit}' => new Operation('A kit.', 'kitWhole'),
        ];
    }

    /** @return array<string, Operation> */
    private static function rushes(): array
    {
        return [
            'GET rushes' => new Operation('A page of the list, what was changed last first.', 'rushList', query: ['after' => 'What the page before gave as next.']),
            'POST rushes' => new Operation('Makes a rush, with its plan.', 'rushWhole', self::IN_USE + self::RUSH + self::CREATION, Scope::Write, 201),
            ...self::undoable('rushes/{rush}', 'rush, with its plan', 'rushWhole', self::IN_USE + self::RUSH + ['dials?' => self::DIALS], true),
            'POST rushes/{rush}/duplicate' => new Operation('Copies a rush.', 'rushWhole', self::CREATION, Scope::Write, 201),
            'GET rushes/{rush}/plan' => new Operation('The plan of a rush (plan/1).', 'plan'),
            'GET rushes/{rush}/tips' => new Operation('What would change the answer.', 'tips', orNothing: true),
            'GET rushes/{rush}/assumed' => new Operation('What the plan would be with assumed figures in place of the person’s own.', 'planAssumed'),
            'GET rushes/{rush}/map' => new Operation('The answer for other distances and speeds.', 'map', orNothing: true),
            'GET rushes/{rush}/schools' => new Operation('The rush answered by each school of practice.', 'schools'),
            'POST plans' => new Operation('Plans a rush/1 and a kit/1 that are sent along; nothing is kept.', 'plan', self::RUSH + ['kit' => ['$ref' => 'rush-hold:/schemas/kit.json']], Scope::Read),
        ];
    }

    /** @return array<string, Operation> */
    private static function rehearsals(): array
    {
        return [
            'GET rushes/{rush}/rehearsal' => new Operation('What many passes tell of the hold as it is.', 'estimate'),
            'GET rushes/{rush}/rehearsal/remedies' => new Operation('Single dials that would bring more sharp frames.', 'remedies'),
            'GET rushes/{rush}/rehearsal/outlook' => new Operation('Sharp frames against ISO, what must not be touched, and what would help.', 'outlook', orNothing: true),
            'POST rushes/{rush}/rehearsal/try' => new Operation('What the same passes tell with dials turned; nothing is kept.', 'tried', ['dials' => self::DIALS], Scope::Read),
            'POST rushes/{rush}/rehearsal/take' => new Operation('One pass, step by step; nothing is kept.', 'take', ['seed' => ['type' => 'integer', 'minimum' => 0], 'dials' => self::DIALS], Scope::Read),
            'GET rushes/{rush}/sweeps' => new Operation('The last sweep of each kind.', 'sweepList'),
            'POST rushes/{rush}/sweeps' => new Operation('Begins a sweep of settings.', 'sweep', ['kind' => ['type' => 'string', 'enum' => ['tracking', 'exposure']]], Scope::Write, 201),
            'GET sweeps/{sweep}' => new Operation('A sweep, as far as it has come.', 'sweep'),
            'DELETE sweeps/{sweep}' => new Operation('Cancels a sweep.', 'sweep'),
        ];
    }

    /**
     * What can be asked of every record that can be undone.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, Operation>
     */
    private static function undoable(string $address, string $what, string $answer, array $fields, bool $deletable): array
    {
        return [
            'GET '.$address => new Operation(ucfirst($what).'.', $answer),
            'PUT '.$address => new Operation("Changes the {$what}.", $answer, self::WRITE + $fields, Scope::Write),
            "POST {$address}/undo" => new Operation('Steps back to the state before.', $answer, self::REVISION, Scope::Write),
            "POST {$address}/redo" => new Operation('Steps forward again.', $answer, self::REVISION, Scope::Write),
        ] + (! $deletable ? [] : [
            'DELETE '.$address => new Operation('Deletes it; for 30 days it can be brought back.', null, [], Scope::Write, 204),
            "POST {$address}/restore" => new Operation('Brings it back.', $answer, [], Scope::Write),
        ]);
    }
}
