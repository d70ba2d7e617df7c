<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\TwoWay;
use IronLatch\Core\Record\Copy;

/** Makes the contact of a line one end of a two-way circuit, with so many old switches; or with none, an end of that. */
final readonly class MakeTwoWay implements Edit
{
    public function __construct(public string $line, public int $switches = 1) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        if (0 === $this->switches) {
            if (null === $line->twoWay) {
                throw new EditRefused(sprintf('“%s” is in no two-way circuit.', $line->name));
            }

            return $board->with(lines: [...$board->lines, $this->line => Copy::of($line, ['twoWay' => null])]);
        }
        if (null !== $board->appliance($line)->dcVolts || 1 !== count($line->actuators)) {
            throw new EditRefused(sprintf(
                'Only a mains line with one relay can be one end of a two-way circuit. “%s” is none.',
                $line->name,
            ));
        }

        return $board->with(lines: [
            ...$board->lines,
            $this->line => Copy::of($line, ['twoWay' => null === $line->twoWay
                ? new TwoWay($this->switches)
                : Copy::of($line->twoWay, ['switches' => $this->switches])]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            0 === $this->switches ? 'Take “%s” out of its two-way circuit' : 'Put “%s” into a two-way circuit with %d old %s',
            $board->nameOf($this->line),
            $this->switches,
            1 === $this->switches ? 'switch' : 'switches',
        );
    }
}
