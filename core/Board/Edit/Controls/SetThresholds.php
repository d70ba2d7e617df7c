<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Threshold;
use IronLatch\Core\Record\ListOf;

/** States from which percentage each step runs; none for the derived ones. */
final readonly class SetThresholds implements Edit
{
    /**
     * @param list<int> $percent slowest step first
     */
    public function __construct(
        public string $surface,
        #[ListOf('int')]
        public array $percent = [],
    ) {}

    public function apply(Board $board): Board
    {
        [$lineId, $surface] = Targets::surface($board, $this->surface);
        if (null === $board->stepsOf($lineId)) {
            throw new EditRefused(sprintf('“%s” has no steps. Group its relays as steps on Pins first.', $board->nameOf($lineId)));
        }
        $said = $surface->saying(thresholds: array_map(static fn(int $percent): Threshold => new Threshold($percent), $this->percent));

        return $board->with(lines: [
            ...$board->lines,
            $lineId => $board->lines[$lineId]->with(surfaces: [...$board->lines[$lineId]->surfaces, $this->surface => $said]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Set from which percentage the steps of “%s” run', $board->nameOf($this->surface));
    }
}
