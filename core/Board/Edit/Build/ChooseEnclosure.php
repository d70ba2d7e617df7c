<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;

/** Chooses the box that the board goes into; its inner sizes are those of the board’s box from then on. */
final readonly class ChooseEnclosure implements Edit
{
    public function __construct(
        #[Question('It lies in', help: 'Inner sizes; own ones can be stated under Power, at the heat of the box.')]
        public Enclosure $enclosure,
    ) {}

    public function apply(Board $board): Board
    {
        $size = $this->enclosure->size;
        $board = $board->withPart($this->enclosure);

        return $board->with(
            build: Copy::of($board->build, ['enclosure' => $this->enclosure->identity->id]),
            box: Copy::of($board->box ?? new MainsBox(), [
                'lengthMetres' => Fact::stated($size->lengthMetres),
                'widthMetres' => Fact::stated($size->widthMetres),
                'heightMetres' => Fact::stated($size->heightMetres),
            ]),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Put it into: %s', $this->enclosure->identity->name);
    }
}
