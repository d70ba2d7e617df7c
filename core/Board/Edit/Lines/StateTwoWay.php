<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Stated;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** States facts of two-way circuits; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('twoWay.*')]
final readonly class StateTwoWay implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        #[Says(Nature::Promise, unless: true)]
        #[Question(
            'Its live',
            yes: 'comes or goes by another line or circuit',
            no: 'comes and goes by its own cable',
            help: 'Follow every core between the switches: only a licensed person may, isolated and proved dead.',
        )]
        public ?bool $liveReturned = null,
        #[Question(
            'A switch around all of it',
            yes: 'is there',
            no: 'is not there',
            help: 'It lights the lamp whatever board and switches do.',
        )]
        public ?bool $bypass = null,
    ) {}

    public function apply(Board $board): Board
    {
        $facts = Stated::facts($this);
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $line = Targets::line($board, $id);
            if (null === $line->twoWay) {
                throw new EditRefused(sprintf('“%s” is in no two-way circuit.', $line->name));
            }
            $lines[$id] = Copy::of($line, ['twoWay' => Copy::of($line->twoWay, $facts)]);
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf('Two-way circuit of %s: %s', Targets::names($board, $this->lines), Stated::words($this));
    }
}
