<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** What a trial on the bench has said of a board, handed to its report as a value. */
final readonly class TrialNote
{
    /**
     * @param int $tried cells that were tried
     * @param int $failed of them
     * @param int $gaps facts that nobody has stated, so that something was not tried
     */
    public function __construct(public int $tried, public int $failed, public int $gaps) {}

    public function state(): LatchState
    {
        return match (true) {
            $this->failed > 0 => LatchState::Open,
            $this->gaps > 0, 0 === $this->tried => LatchState::NotChecked,
            default => LatchState::Shut,
        };
    }

    public function words(): string
    {
        return match ($this->state()) {
            LatchState::Open => sprintf('open: %d of %d fail', $this->failed, $this->tried),
            LatchState::NotChecked => sprintf('not checked: %d %s', $this->gaps, 1 === $this->gaps ? 'fact' : 'facts'),
            default => sprintf('shut, %d tried', $this->tried),
        };
    }
}
