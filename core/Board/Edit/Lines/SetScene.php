<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Record\ListOf;

/** Says which lines of a scene it puts on; it takes the others off. */
final readonly class SetScene implements Edit
{
    /**
     * @param list<string> $lit ids of lines of the group
     */
    public function __construct(
        public string $group,
        #[ListOf('string')]
        public array $lit = [],
    ) {}

    public function apply(Board $board): Board
    {
        $group = Targets::lineGroup($board, $this->group);
        if (LineGroupKind::Scene !== $group->kind) {
            throw new EditRefused(sprintf('“%s” is no scene: all of its lines do the same.', $group->name));
        }
        if ([] !== array_diff($this->lit, $group->lines)) {
            throw new EditRefused(sprintf('A scene puts only lines of its own on. Add the line to “%s” first.', $group->name));
        }

        return $board->with(lineGroups: [...$board->lineGroups, $this->group => $group->with(lit: $this->lit)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Say what the scene “%s” puts on', $board->nameOf($this->group));
    }
}
