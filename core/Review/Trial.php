<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Nature;

/** Makes a remedy on paper before it is shown: it has to remove its finding and may bring nothing that hurts or fails. */
final readonly class Trial
{
    public function __construct(private Inspector $inspector, private Inspection $inspection, private Report $before) {}

    /** Whether it may be offered for a finding. */
    public function holds(Finding $finding, Remedy $remedy): bool
    {
        $nature = $remedy->nature();
        if (Kind::Danger === $finding->kind && (Nature::Intention === $nature || Nature::Observation === $nature)) {
            return false;
        }
        $board = Repairs::of($this->inspection)->after($remedy->edit);
        if (null === $board) {
            return false;
        }
        $after = $this->inspector->inspect(new Inspection($board, $this->inspection->catalogue));
        if (
            null !== $after->finding($finding->key())
            || Nature::Promise === $nature && Kind::Danger === $finding->kind && [] === $after->holdPointsMissingFrom($this->before)
        ) {
            return false;
        }
        foreach ($after->findingsMissingFrom($this->before) as $new) {
            if (Kind::Danger === $new->kind || Kind::Broken === $new->kind && null === $new->root) {
                return false;
            }
        }

        return true;
    }
}
