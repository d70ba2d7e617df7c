<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LampColour;
use IronLatch\Core\Board\LampFacts;
use IronLatch\Core\Board\LampTells;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** States what a lamp of the board is made of, or what a lamp or a buzzer tells; what is left out stays as it was. */
#[Says(Nature::Choice)]
final readonly class StateLamp implements Edit
{
    /**
     * @param ?float $ohms its resistor; 0 for none
     * @param ?string $rail that feeds it; empty or “pin” where its pin feeds it
     */
    public function __construct(
        public string $function,
        #[Question('Its colour', help: 'Of the light: it decides the voltage that the LED takes.')]
        public ?LampColour $colour = null,
        #[Measured(Unit::Ohm, least: 0.0, most: 1e6)]
        #[Place('lamp.ohms')]
        #[Question('Its resistor', help: 'In series with the LED; 0 Ω where there is none.')]
        public ?float $ohms = null,
        public ?string $rail = null,
        #[Question('It tells')]
        public ?LampTells $tells = null,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (FunctionKind::StatusLed !== $function->kind && FunctionKind::Buzzer !== $function->kind) {
            throw new EditRefused(sprintf('“%s” is no lamp and no buzzer.', $function->name));
        }
        Targets::requirePossible($this);
        // That its pin feeds it is usual, and makes no lamp of which nothing else is said.
        $isFed = null !== $this->rail && (null !== $function->lamp || !$this->isFedByItsPin());
        $made = null !== $this->colour || null !== $this->ohms || $isFed;
        if ($made && FunctionKind::StatusLed !== $function->kind) {
            throw new EditRefused('A buzzer has no colour and no resistor of its own.');
        }
        $lamp = $made ? $this->made($board, $function->lamp ?? new LampFacts()) : null;

        return $board->with(functions: [...$board->functions, $this->function => $function->with(lamp: $lamp, tells: $this->tells)]);
    }

    private function made(Board $board, LampFacts $lamp): LampFacts
    {
        $lamp = $lamp->with($this->colour, null === $this->ohms ? null : Fact::stated($this->ohms));
        $rail = $this->isFedByItsPin() ? null : $this->rail;
        if (null !== $rail) {
            Targets::rail($board, $rail);
        }

        return null === $this->rail ? $lamp : $lamp->fedBy($rail);
    }

    private function isFedByItsPin(): bool
    {
        return in_array($this->rail, ['', 'pin'], true);
    }

    public function summary(Board $board): string
    {
        return sprintf('State what “%s” is made of and tells', $board->nameOf($this->function));
    }
}
