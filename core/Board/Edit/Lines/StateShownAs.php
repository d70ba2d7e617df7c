<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** Says what lines are to whoever shows or speaks of them, and in which room; what is left out stays as it was. */
#[Says(Nature::Choice)]
final readonly class StateShownAs implements Edit
{
    /**
     * @param list<string> $lines ids
     * @param bool $ownRoomNoMore it is in the room of its group again
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        public ?ShownKind $kind = null,
        public ?string $room = null,
        public bool $ownRoomNoMore = false,
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === $this->lines) {
            throw new EditRefused('Choose at least one line.');
        }
        if (mb_strlen($this->room ?? '') > 60) {
            throw new EditRefused('The name of a room has at most 60 characters.', 'room');
        }
        $said = [
            ...null === $this->kind ? [] : ['shownAs' => $this->kind],
            ...null === $this->room ? [] : ['room' => trim($this->room)],
            ...$this->ownRoomNoMore ? ['room' => ''] : [],
        ];
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $lines[$id] = Copy::of(Targets::line($board, $id), $said);
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf('Say what %s is elsewhere', Targets::names($board, $this->lines));
    }
}
