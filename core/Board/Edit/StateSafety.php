<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\LineSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States facts of lines that keep people from harm; what is left out stays as it was. */
final readonly class StateSafety implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        public ?OutletKind $outlet = null,
        public ?bool $earthJoined = null,
        public ?RestorePolicy $restore = null,
        public ?bool $cutOut = null,
        #[Measured(Unit::Second)]
        public ?float $restSeconds = null,
        #[Measured(Unit::Ratio)]
        public ?float $switchingsPerDay = null,
        public ?bool $offTakenAsIsolation = null,
        public ?Snubber $snubber = null,
        public ?bool $linkRemoved = null,
        public ?bool $barredFromGroups = null,
        #[Measured(Unit::Ampere)]
        public ?float $outletAmps = null,
    ) {}

    public function apply(Board $board): Board
    {
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $line = Targets::line($board, $id);
            $safety = $line->safety ?? new LineSafety();
            $lines[$id] = $line->with(safety: new LineSafety(
                null === $this->outlet ? $safety->outlet : Fact::stated($this->outlet),
                null === $this->earthJoined ? $safety->earthJoined : Fact::stated($this->earthJoined),
                null === $this->restore ? $safety->restore : Fact::stated($this->restore),
                null === $this->cutOut ? $safety->cutOut : Fact::stated($this->cutOut),
                null === $this->restSeconds ? $safety->restSeconds : Fact::stated($this->restSeconds),
                null === $this->switchingsPerDay ? $safety->switchingsPerDay : Fact::stated($this->switchingsPerDay),
                null === $this->offTakenAsIsolation ? $safety->offTakenAsIsolation : Fact::stated($this->offTakenAsIsolation),
                null === $this->snubber ? $safety->snubber : Fact::stated($this->snubber),
                null === $this->linkRemoved ? $safety->linkRemoved : Fact::stated($this->linkRemoved),
                null === $this->barredFromGroups ? $safety->barredFromGroups : Fact::stated($this->barredFromGroups),
                null === $this->outletAmps ? $safety->outletAmps : Fact::stated($this->outletAmps),
            ));
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        $stated = array_keys(array_filter(get_object_vars($this), static fn(mixed $value, string $name): bool => null !== $value && 'lines' !== $name, ARRAY_FILTER_USE_BOTH));

        return sprintf('State of %s: %s', Targets::names($board, $this->lines), implode(', ', array_map(static fn(string $name): string => strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $name)), $stated)));
    }
}
