<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Exchange\Firmware\ProgramChange;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Wiring\Listing\WiringDiff;

/** What lies between a copy of one revision and its use: the steps, what is open on the board itself, and what all of it holds for. */
final readonly class WayIntoUse
{
    /**
     * @param list<CommissioningStep> $steps
     * @param list<string> $open dangers and faults of the revision that nobody has accepted, and what no rule could judge of a danger
     * @param string $wiring hash of everything that is wired
     * @param string $program hash of what the program does
     */
    private function __construct(public array $steps, public array $open, public string $wiring, public string $program) {}

    public static function of(Inspection $inspection, Report $report): self
    {
        $isGrave = static fn(Severity $severity): bool => in_array($severity, [Severity::Danger, Severity::Broken], true);
        $findings = array_filter(
            $report->findings,
            static fn(Finding $one): bool => null === $one->acceptance && null === $one->root && $isGrave($one->severity),
        );
        $gaps = array_filter($report->notChecked, static fn(NotChecked $gap): bool => Severity::Danger === $gap->worst());

        return new self(
            Commissioning::of($inspection, $report),
            [
                ...array_map(static fn(Finding $one): string => $one->statement, array_values($findings)),
                ...array_map(
                    static fn(NotChecked $gap): string => sprintf('%s: not checked, needs %s', $gap->rule->title, $gap->needs),
                    array_values($gaps),
                ),
            ],
            WiringDiff::fingerprint($inspection->connections()),
            ProgramChange::fingerprint($inspection),
        );
    }

    /** How far a copy has come; where it was taken before its wiring or its program was changed, it goes back. */
    public function walk(BoardCopy $copy, string $today): Walk
    {
        return new Walk($this->steps, $this->brought($copy, $today), $this->open);
    }

    /** The copy with what it is built after now; what that makes doubtful is to be looked at again. */
    private function brought(BoardCopy $copy, string $today): BoardCopy
    {
        if ($copy->isUntouched()) {
            return $copy->builtAfter($this->wiring, $this->program);
        }
        $anew = match (true) {
            $copy->wiringHash !== $this->wiring => static fn(CommissioningStep $step): bool => $step->barsMains || $step->phase->isLive(),
            $copy->programHash !== $this->program => static fn(CommissioningStep $step): bool
                => $step->phase->isLive() || ($step->barsMains && Phase::LowVoltage === $step->phase),
            default => null,
        };

        return null === $anew ? $copy : $copy
            ->anew(array_values(array_filter($this->steps, $anew)), $today)
            ->builtAfter($this->wiring, $this->program);
    }
}
