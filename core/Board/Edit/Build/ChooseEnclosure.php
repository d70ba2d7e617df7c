<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;

/**
 * Chooses the box that the board goes into; its inner sizes are those of the board’s box from then on, and so is metal. What plastic it is
 * of stands on the box itself.
 */
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
        $box = $board->box ?? new MainsBox();
        $isMetal = BaseMaterial::Metal === $box->enclosure?->value;

        return $board->with(
            build: Copy::of($board->build, ['enclosure' => $this->enclosure->identity->id]),
            box: Copy::of($box, [
                'enclosure' => $this->enclosure->metal ? Fact::stated(BaseMaterial::Metal) : ($isMetal ? null : $box->enclosure),
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
