<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Record\ListOf;

/** Lets lines be operated by way of a channel; those that are on it already stay as they are. */
final readonly class PutOnChannel implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        public string $channel,
        #[ListOf('string')]
        public array $lines,
    ) {}

    public function apply(Board $board): Board
    {
        $kind = SurfaceKind::of($board->profile(Targets::channel($board, $this->channel))->addressing);
        if ([] === $this->lines) {
            throw new EditRefused('Choose at least one line.');
        }
        $ids = new Ids($board);
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $line = Targets::line($board, $id);
            if ([] === array_filter($line->surfaces, fn(Surface $surface): bool => $surface->channel === $this->channel)) {
                $lines[$id] = $line->with(surfaces: [...$line->surfaces, $ids->next('S') => new Surface($kind, channel: $this->channel)]);
            }
        }

        return $board->with(lines: $lines, lastIds: $ids->last());
    }

    public function summary(Board $board): string
    {
        return sprintf('Operate %s by way of “%s”', Targets::names($board, $this->lines), $board->nameOf($this->channel));
    }
}
