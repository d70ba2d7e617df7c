<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** Functions that belong together: the signals of a bus, the positions of a selector, the relays of one motor. */
final readonly class FunctionGroup
{
    /**
     * @param list<string> $functions ids, in their order
     * @param ?I2cFacts $i2c what is known of the bus; only for an I2C bus
     * @param ?Fact<bool> $byContacts relays that exclude each other are interlocked through their contacts; null while nothing is said of
     *     it
     * @param ?Fact<float> $pauseSeconds between one of its relays opening and another closing; null while nothing is said of it
     * @param ?Reversal $reversal of the two directions of one motor; null for every other group, and while nothing is said of it
     * @param ?StepBank $bank series capacitors of step relays; null for every other group, and while none is fitted
     */
    public function __construct(
        public GroupKind $kind,
        public string $name,
        #[ListOf('string')]
        public array $functions,
        public ?I2cFacts $i2c = null,
        #[FactOf('bool')]
        public ?Fact $byContacts = null,
        #[FactOf('float'), Measured(Unit::Second)]
        public ?Fact $pauseSeconds = null,
        public ?StepBank $bank = null,
        public ?Reversal $reversal = null,
    ) {
        if (is_float($pauseSeconds?->value) && ($pauseSeconds->value < 0 || $pauseSeconds->value > 600)) {
            throw new \InvalidArgumentException('The pause between two relays lies between 0 and 10 min. Usual is 50 ms or more.');
        }
        if (count($functions) !== count(array_unique($functions))) {
            throw new \InvalidArgumentException(sprintf('The group “%s” names a function twice.', $name));
        }
    }

    /**
     * The steps of a motor: the relays that each closes.
     *
     * @return list<StepPattern> one for each relay while nobody has said otherwise
     */
    public function steps(): array
    {
        $patterns = $this->bank->patterns ?? [];

        return [] !== $patterns ? $patterns : array_map(
            static fn(string $relay): StepPattern => new StepPattern([$relay]),
            $this->functions,
        );
    }

    /**
     * Relays of which never two may be closed together: those that stand in no common step.
     *
     * @return list<array{string, string}>
     */
    public function keptApart(): array
    {
        if (!$this->kind->isExclusive()) {
            return [];
        }
        $pairs = [];
        foreach ($this->functions as $index => $one) {
            foreach (array_slice($this->functions, $index + 1) as $other) {
                if ([] === array_filter(
                    $this->steps(),
                    static fn(StepPattern $step): bool => in_array($one, $step->relays, true) && in_array($other, $step->relays, true),
                )) {
                    $pairs[] = [$one, $other];
                }
            }
        }

        return $pairs;
    }

    /** Whether never two of its relays may be closed together. */
    public function isOneAtATime(): bool
    {
        $count = count($this->functions);

        return $this->kind->isExclusive() && count($this->keptApart()) === intdiv($count * ($count - 1), 2);
    }

    /**
     * @param ?list<string> $functions
     * @param ?Fact<bool> $byContacts
     * @param ?Fact<float> $pauseSeconds
     */
    public function with(
        ?string $name = null,
        ?array $functions = null,
        ?I2cFacts $i2c = null,
        ?Fact $byContacts = null,
        ?Fact $pauseSeconds = null,
        ?StepBank $bank = null,
    ): self {
        return Copy::said($this, get_defined_vars());
    }
}
