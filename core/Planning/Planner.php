<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Assumptions\Assumptions;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Planning\Adopted\AdoptedArea;
use RushHold\Planning\Adopted\AdoptedExposure;
use RushHold\Planning\Adopted\AdoptedTuning;
use RushHold\Planning\Choosers\AimChooser;
use RushHold\Planning\Choosers\AreaChooser;
use RushHold\Planning\Choosers\Chooser;
use RushHold\Planning\Choosers\Chosen;
use RushHold\Planning\Choosers\DetectionChooser;
use RushHold\Planning\Choosers\DriveChooser;
use RushHold\Planning\Choosers\ExposureChooser;
use RushHold\Planning\Choosers\FocalChooser;
use RushHold\Planning\Choosers\FocusModeChooser;
use RushHold\Planning\Choosers\FrameChooser;
use RushHold\Planning\Choosers\LimiterChooser;
use RushHold\Planning\Choosers\PlaceChooser;
use RushHold\Planning\Choosers\SchemeChooser;
use RushHold\Planning\Choosers\StabiliserChooser;
use RushHold\Planning\Choosers\TechniqueChooser;
use RushHold\Planning\Choosers\TuningChooser;
use RushHold\Planning\Explore\TippingPoint;
use RushHold\Planning\Explore\TippingPoints;
use RushHold\Rush\Rush;

/** From a rush and a kit to a plan: the camera is turned and the zoom set, then the choosers add up, each leaning on the ones before. */
final readonly class Planner
{
    /** @param  list<Chooser>  $choosers */
    private function __construct(private array $choosers) {}

    public static function standard(): self
    {
        return new self([
            new Chosen(new AreaChooser(), new AdoptedArea()), // how well autofocus would keep it decides between camera and hand
            new FocusModeChooser(), // the lag depends on it
            new StabiliserChooser(), // the shake depends on it
            new Chosen(new ExposureChooser(), new AdoptedExposure()),
            new DetectionChooser(), // asks what the area can find
            new AimChooser(),
            new PlaceChooser(), // puts the area on the aim
            new Chosen(new TuningChooser(), new AdoptedTuning()), // asks how deep the aperture is sharp
            new DriveChooser(),
            new LimiterChooser(),
            new SchemeChooser(),
            new TechniqueChooser(), // counts the frames at the aperture chosen
        ]);
    }

    /** @throws \RushHold\Faults\SubjectInsideClosestFocus when the lens cannot focus on the subject */
    public function plan(Rush $rush, Kit $kit, ?Assumptions $assumptions = null, ?Dials $dials = null): Plan
    {
        // a plan knows which figures it rests on: those that were read while it was made
        $assumptions = ($assumptions ?? Assumptions::defaults())->unread();
        $rush = $rush->going();
        [$held, $frameReason] = FrameChooser::set($rush, $kit, $assumptions);
        [$set, $focalReason] = FocalChooser::set($rush, $held, $assumptions);
        $situation = Situation::of($rush, $set, $assumptions, $dials);
        $draft = new HoldDraft();
        foreach ($this->choosers as $chooser) {
            $chooser->choose($situation, $draft);
        }
        array_push($draft->reasons, $frameReason, $focalReason);

        return Plan::of($situation, $draft, $kit);
    }

    /**
     * Another rush with everything else as in a plan.
     *
     * @throws \RushHold\Faults\SubjectInsideClosestFocus when the lens cannot focus on the subject
     */
    public function again(Plan $plan, Rush $rush): Plan
    {
        return $this->plan($rush, $plan->kit, $plan->situation->assumptions, $plan->situation->dials);
    }

    /** @return list<TippingPoint> what would change the answer */
    public function tips(Plan $plan): array
    {
        return (new TippingPoints($this, $plan))->all();
    }
}
