<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Nature;

/** Makes a remedy on paper before it is shown: it has to remove its finding and may bring nothing that hurts or fails. */
final readonly class Trial
{
    public function __construct(private Inspector $inspector, private Inspection $inspection, private Report $before) {}

    /** Whether it may be offered for a finding, or for several of one kind at once. */
    public function holds(Remedy $remedy, Finding $finding, Finding ...$others): bool
    {
        $nature = $remedy->nature();
        if (Severity::Danger === $finding->severity && (Nature::Intention === $nature || Nature::Observation === $nature)) {
            return false;
        }
        $board = Repairs::of($this->inspection)->after($remedy->edit);
        if (null === $board) {
            return false;
        }
        $after = $this->inspector->inspect(new Inspection($board, $this->inspection->catalogue, $this->inspection->prices));
        $left = array_filter([$finding, ...$others], static fn(Finding $one): bool => null !== $after->finding($one->key()));
        if (
            [] !== $left
            || Nature::Promise === $nature && Severity::Danger === $finding->severity && [] === $after->holdPointsMissingFrom($this->before)
        ) {
            return false;
        }
        foreach ($after->findingsMissingFrom($this->before) as $new) {
            if (Severity::Danger === $new->severity || Severity::Broken === $new->severity && null === $new->root) {
                return false;
            }
        }

        return true;
    }
}
