<?php

declare(strict_types=1);

namespace RushHold\Card;

use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\BodyProfile;
use RushHold\Hold\Burst;
use RushHold\Hold\Hold;
use RushHold\Hold\ManualTechnique;
use RushHold\Kit\Care;
use RushHold\Motion\Support;
use RushHold\Rush\Rush;
use RushHold\Wording\Units;

/** What to look at before going out: what the kit is due, and what this hold needs ready. */
final readonly class PreFlight
{
    /**
     * @param  array<string, Care>  $glass  lens and converter by their names
     * @param  ?string  $lensTunedOn  when this lens was fine-tuned on this body
     * @param  string  $today  as "2026-11-24"
     */
    public function __construct(
        private BodyProfile $profile,
        private array $glass,
        private ?string $lensTunedOn,
        private Assumptions $assumptions,
        private string $today,
    ) {}

    /** @return list<array{id: string, message: string, why: string, due: bool}> */
    public function list(Rush $rush, Hold $hold): array
    {
        return [...$this->kit(), ...$this->hold($rush, $hold)];
    }

    /** @return list<array{id: string, message: string, why: string, due: bool}> */
    public function kit(): array
    {
        $due = [
            $this->due(
                'firmware',
                $this->profile->name,
                $this->profile->care->firmwareOn,
                'firmware',
                'Look whether the maker of %s has new firmware',
                'Follow the maker\'s instructions, with a full battery.',
            ),
        ];
        foreach ([$this->profile->name => $this->profile->care] + $this->glass as $name => $care) {
            $due[] = $this->due(
                'contacts-'.self::slug($name),
                $name,
                $care->contactsOn,
                'contacts',
                'Look at the contacts of %s',
                'Dry, clean cloth made for contacts; never oil or household spray. What does not come off goes to a technician.',
            );
        }
        if ($this->profile->body->isReflex()) {
            $due[] = $this->due(
                'tuned',
                $this->profile->name,
                $this->lensTunedOn ?? $this->profile->care->tunedOn,
                'tuned',
                'Check the fine-tuning of this lens on %s',
                'A reflex body focuses beside its sensor; lens and body drift apart.',
            );
        }

        return array_values(array_filter($due));
    }

    /** @return ?array{id: string, message: string, why: string, due: bool} */
    private function due(string $id, string $name, ?string $last, string $kind, string $says, string $why): ?array
    {
        $days = $last === null ? null : Care::daysBetween($last, $this->today);
        if ($days !== null && $days <= $this->assumptions->value('care.'.$kind)) {
            return null;
        }

        return [
            'id' => $id.($last === null ? '' : '-'.$last),
            'message' => sprintf($says, $name),
            'why' => ($days === null ? 'Nobody has noted it yet. ' : sprintf('Last done %d days ago. ', $days)).$why,
            'due' => $days !== null,
        ];
    }

    /** @return list<array{id: string, message: string, why: string, due: bool}> */
    private function hold(Rush $rush, Hold $hold): array
    {
        $list = [
            self::item(
                'light',
                'Test the light with a frame of the ground, then set it by hand',
                'Each change of background would shift an automatic exposure.',
            ),
            self::item('dioptre', 'Set the finder to your eye', 'A soft finder hides soft frames.'),
        ];
        if ($hold->burst === Burst::Long) {
            $list[] = self::item(
                'card',
                sprintf('Card empty, battery full: %s frames a minute', Units::figures($hold->fps * 60)),
                'Long bursts fill the buffer when you need it.',
            );
        }
        if (in_array($rush->photographer->support, [Support::Gimbal, Support::Monopod], true)) {
            $list[] = self::item(
                'balance',
                'Balance the lens, loosen what should turn',
                'It should stay where you point it, hands off.',
            );
        }
        if ($hold->manualTechnique === ManualTechnique::Trap) {
            $list[] = self::item(
                'plane',
                'Set the plane on the spot before it comes, then switch to manual',
                'The ring must not move after that.',
            );
        }
        if ($rush->ev100 < $this->assumptions->value('care.dark')) {
            $list[] = self::item(
                'dark',
                'Know the buttons by touch; keep the screen in ember',
                'White light costs you twenty minutes of night sight, and shows you to them.',
            );
        }

        return $list;
    }

    /** @return array{id: string, message: string, why: string, due: bool} */
    private static function item(string $id, string $says, string $why): array
    {
        return ['id' => $id, 'message' => $says, 'why' => $why, 'due' => false];
    }

    private static function slug(string $name): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-');
    }
}
