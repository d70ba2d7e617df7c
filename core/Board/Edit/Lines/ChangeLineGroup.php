<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\ListOf;

/** Says anew which lines a group operates, on which channels, and whether it switches on. */
final readonly class ChangeLineGroup implements Edit
{
    /**
     * @param list<string> $lines ids
     * @param list<string> $channels ids of the channels that know the group
     */
    public function __construct(
        public string $group,
        public string $name,
        #[ListOf('string')]
        public array $lines,
        #[ListOf('string')]
        public array $channels = [],
        public bool $switchesOn = true,
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::lineGroup($board, $this->group);
        Targets::requireName($this->name);
        foreach ($this->lines as $line) {
            Targets::line($board, $line);
        }
        AddLineGroup::requireSpeaking($board, $this->channels);

        return $board->with(lineGroups: [
            ...$board->lineGroups,
            $this->group => $group->ofLines(...$this->lines)->with(
                name: $this->name,
                channels: $this->channels,
                switchesOn: $this->switchesOn,
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Change the group “%s”', $board->nameOf($this->group));
    }
}
