<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Measured;

/** Fits a capacitor between a contact’s wire and ground, or with 0 F takes it away. */
final readonly class FitDebounce implements Edit
{
    public function __construct(
        public string $function,
        #[Measured(Unit::Farad)]
        public float $farads,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (!$function->kind->isContact()) {
            throw new EditRefused(sprintf(
                '“%s” is a %s. Only a contact bounces, and only its wire bears a capacitor.',
                $function->name,
                $function->kind->value,
            ));
        }

        return $board->with(functions: [
            ...$board->functions,
            $this->function => Copy::of($function, ['debounceFarads' => $this->farads > 0 ? $this->farads : null]),
        ]);
    }

    public function summary(Board $board): string
    {
        return $this->farads > 0
            ? sprintf(
                'Fit %s from “%s” to ground',
                QuantityPrinter::rounded($this->farads, Unit::Farad),
                $board->nameOf($this->function),
            )
            : sprintf('Take the capacitor off “%s”', $board->nameOf($this->function));
    }
}
