<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Quantity\Margin;

/** Who sits where, and what follows from it: strapped nodes, start-up of every relay, levels of every contact. */
final readonly class Seating
{
    /**
     * @param array<string, Pin> $pins by function
     * @param array<string, StrappedNode> $strappedNodes by pin, where something sits on it
     * @param array<string, Film> $films by output, where it is seated
     * @param array<string, Margin> $contacts by function: resting level of seated contacts, probes and receivers
     */
    private function __construct(
        public array $pins,
        public array $strappedNodes,
        public array $films,
        public array $contacts,
    ) {}

    public static function of(Board $board, ?StartUp $startUp = null): self
    {
        $controller = $board->controller();
        $startUp ??= new StartUp($board);
        $pins = [];
        foreach ($board->seats as $function => $seat) {
            $pins[$function] = $controller->pins[$seat->pin];
        }
        $nodes = $films = $contacts = [];
        foreach ($pins as $function => $pin) {
            if (null !== $pin->chip->strap) {
                $nodes[$pin->name()] ??= StrapSolver::solve($board, $pin, $pin->chip->strap, $board->functionsOn($pin->name()));
            }
            if ($board->functions[$function]->kind->restsHigh()) {
                $contacts[$function] = SwitchLevel::margin($board, $function, $pin);
            }
            if ($board->functions[$function]->kind->isOutput()) {
                $films[$function] = $startUp->film($function, $pin);
            }
        }

        return new self($pins, $nodes, $films, $contacts);
    }
}
