<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Catalogue\SetUpStep;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** One step of a set-up sheet, with the names of this board in their places. */
final readonly class SheetStep
{
    public const HEADER = ['Step', 'What must be so', 'Do', 'Wait', 'What is seen', 'If it is not'];

    public function __construct(
        public string $does,
        public string $before = '',
        public string $waits = '',
        public string $sees = '',
        public string $fails = '',
    ) {}

    /**
     * @param \Closure(string): string $fill
     */
    public static function of(SetUpStep $step, \Closure $fill): self
    {
        return new self(
            $fill($step->does),
            $fill($step->before),
            null === $step->waitSeconds ? '' : 'up to ' . QuantityPrinter::rounded($step->waitSeconds, Unit::Second),
            $fill($step->sees),
            $fill($step->fails),
        );
    }

    /**
     * @return list<string> under HEADER
     */
    public function row(int $number): array
    {
        return [
            (string) $number,
            ...array_map(
                static fn(string $text): string => '' === $text ? '–' : $text,
                [$this->before, $this->does, $this->waits, $this->sees, $this->fails],
            ),
        ];
    }
}
