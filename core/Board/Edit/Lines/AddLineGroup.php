<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Record\ListOf;

/**
 * Adds lines that one act operates together; where none is chosen for a group of all lines, all that it may switch: any may be switched
 * off with others, and some never on.
 */
final readonly class AddLineGroup implements Edit
{
    /**
     * @param list<string> $lines ids
     * @param list<string> $channels ids of the channels that know the group
     */
    public function __construct(
        public LineGroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $lines = [],
        #[ListOf('string')]
        public array $channels = [],
        public bool $switchesOn = true,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        foreach ($this->lines as $line) {
            Targets::line($board, $line);
        }
        self::requireSpeaking($board, $this->channels);
        $lines = $this->lines;
        if (LineGroupKind::All === $this->kind && [] === $lines) {
            $lines = array_keys(array_filter(
                $board->lines,
                fn(Line $line, string $id): bool => !$this->switchesOn || true !== $line->safety?->barredFromGroups?->value
                    && !$board->mustNotStart($id),
                ARRAY_FILTER_USE_BOTH,
            ));
        }
        if (count($lines) < 2) {
            throw new EditRefused('Choose at least two lines that are operated together.');
        }
        $ids = new Ids($board);

        return $board->with(
            lineGroups: [
                ...$board->lineGroups,
                $ids->next('K') => new LineGroup($this->kind, $this->name, $lines, $this->channels, $this->switchesOn),
            ],
            lastIds: $ids->last(),
        );
    }

    /**
     * Only what speaks to the program can act on several lines at once.
     *
     * @param list<string> $channels
     */
    public static function requireSpeaking(Board $board, array $channels): void
    {
        foreach ($channels as $id) {
            $channel = Targets::channel($board, $id);
            if (null !== $board->profile($channel)->setsPins) {
                throw new EditRefused(sprintf(
                    '“%s” writes a level to one pin at a time, past the program, so it knows no group. Let a key or another channel act '
                        . 'on the group.',
                    $channel->name,
                ));
            }
        }
    }

    public function summary(Board $board): string
    {
        return sprintf('Operate lines together as “%s”', $this->name);
    }
}
