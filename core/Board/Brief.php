<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** What a maker wants switched, how, where, and what they insist on. Null and empty stand for what nobody has said. */
final readonly class Brief
{
    /** Lines that one board may have. */
    public const MOST_LINES = 64;
    /** A good first board keeps so many pins free (common practice). */
    private const FREE_PINS = 2;

    /**
     * @param list<Wanted> $appliances
     * @param list<SurfaceKind> $by ways to operate all of them
     * @param list<string> $sensors part ids of what is to be sensed
     * @param ?string $mains part id of the mains system
     * @param ?Fact<Home> $home where it lives
     * @param ?Fact<bool> $neutral a neutral of the same circuit reaches it
     * @param ?Fact<float> $breakerAmps of the breaker before it
     * @param ?Fact<float> $airCelsius inside, around the coils
     * @param ?Fact<float> $handMetres of cable to its switches and buttons
     * @param ?Fact<float> $mostEuros what one copy may cost
     * @param ?Fact<float> $mostLengthMetres
     * @param ?Fact<float> $mostWidthMetres
     * @param ?Fact<int> $mostDifferent how many different parts may be bought
     * @param ?Fact<DriverSchool> $drivers
     * @param ?Fact<PinSchool> $pins
     * @param ?Fact<bool> $oneSupply coils and controller live on one supply
     * @param ?Fact<BuildForm> $form
     * @param ?Fact<Level> $activeLevel of every relay output
     * @param list<string> $controllers part ids of carriers that are acceptable; empty for any
     * @param ?Fact<bool> $drawerOnly nothing is bought but what the drawer holds
     * @param ?Fact<int> $freePins good pins that stay free
     * @param ?Fact<float> $supplyLoad share of a supply that may be used
     * @param ?Fact<int> $spareRelays relay positions for later
     * @param string $words the sentence that it was read from
     * @param list<string> $notUnderstood of that sentence
     * @throws \InvalidArgumentException when it asks for what no board has
     */
    public function __construct(
        #[ListOf(Wanted::class)]
        public array $appliances = [],
        #[ListOf(SurfaceKind::class)]
        public array $by = [],
        #[ListOf('string')]
        public array $sensors = [],
        public ?string $mains = null,
        #[FactOf(Home::class)]
        public ?Fact $home = null,
        #[FactOf('bool')]
        public ?Fact $neutral = null,
        #[FactOf('float'), Measured(Unit::Ampere, above: true, most: 125.0)]
        public ?Fact $breakerAmps = null,
        #[FactOf('float'), Measured(Unit::Celsius, least: -40.0, most: 90.0)]
        public ?Fact $airCelsius = null,
        #[FactOf('float'), Measured(Unit::Metre, least: 0.0, most: 500.0)]
        public ?Fact $handMetres = null,
        #[FactOf('float'), Measured(Unit::Euro)]
        public ?Fact $mostEuros = null,
        #[FactOf('float'), Measured(Unit::Metre, least: 0.01, most: 3.0)]
        public ?Fact $mostLengthMetres = null,
        #[FactOf('float'), Measured(Unit::Metre, least: 0.01, most: 3.0)]
        public ?Fact $mostWidthMetres = null,
        #[FactOf('int')]
        public ?Fact $mostDifferent = null,
        #[FactOf(DriverSchool::class)]
        public ?Fact $drivers = null,
        #[FactOf(PinSchool::class)]
        public ?Fact $pins = null,
        #[FactOf('bool')]
        public ?Fact $oneSupply = null,
        #[FactOf(BuildForm::class)]
        public ?Fact $form = null,
        #[FactOf(Level::class)]
        public ?Fact $activeLevel = null,
        #[ListOf('string')]
        public array $controllers = [],
        #[FactOf('bool')]
        public ?Fact $drawerOnly = null,
        #[FactOf('int')]
        public ?Fact $freePins = null,
        #[FactOf('float'), Measured(Unit::Ratio, least: 0.1, most: 1.0)]
        public ?Fact $supplyLoad = null,
        #[FactOf('int')]
        public ?Fact $spareRelays = null,
        public string $words = '',
        #[ListOf('string')]
        public array $notUnderstood = [],
    ) {
        if ($this->lines() > self::MOST_LINES) {
            throw new \InvalidArgumentException(sprintf(
                '%d appliances are more than one board switches. Ask for at most %d, and draft the others as a board of their own.',
                $this->lines(),
                self::MOST_LINES,
            ));
        }
        foreach ([[$mostDifferent, 1, 1000], [$freePins, 0, 40], [$spareRelays, 0, 16]] as [$fact, $least, $most]) {
            if (is_int($fact?->value) && ($fact->value < $least || $fact->value > $most)) {
                throw new \InvalidArgumentException(sprintf('%d is out of range here: write %d to %d.', $fact->value, $least, $most));
            }
        }
    }

    /** How many lines it asks for. */
    public function lines(): int
    {
        return array_sum(array_map(static fn(Wanted $one): int => $one->count, $this->appliances));
    }

    /** How many good pins are to stay free; two while nobody has said. */
    public function keptPins(): int
    {
        return is_int($this->freePins?->value) ? $this->freePins->value : self::FREE_PINS;
    }

    /**
     * @return list<SurfaceKind> ways to operate the appliances of a row
     */
    public function waysFor(Wanted $row): array
    {
        return array_values(array_unique([...$this->by, ...$row->by], SORT_REGULAR));
    }

    /** Whether a way to operate is wanted that needs a network. */
    public function wantsRadio(): bool
    {
        foreach ([$this->by, ...array_map($this->waysFor(...), $this->appliances)] as $ways) {
            foreach ($ways as $way) {
                if ($way->isRemote() && SurfaceKind::SerialRadio !== $way) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The same with only those facts that it states otherwise than another brief. */
    public function statedSince(self $before): self
    {
        $old = get_object_vars($before);
        /** @var array<string, mixed> $changes */
        $changes = get_object_vars($this);
        foreach ($changes as $field => $fact) {
            $isFact = $fact instanceof Fact && $old[$field] instanceof Fact;
            $changes[$field] = $isFact && $fact->value === $old[$field]->value ? null : $fact;
        }

        return Copy::of($this, $changes);
    }

    /**
     * What is taken for granted while nobody says otherwise.
     *
     * @return array<string, Fact<bool|int|float|\BackedEnum>> by field
     */
    public function assumed(): array
    {
        $usual = [
            'freePins' => Fact::assumed(self::FREE_PINS, 'one more sensor is always wanted later'),
            'spareRelays' => Fact::assumed(0, 'a position for later costs a relay now'),
            'supplyLoad' => Fact::assumed((new HouseRules())->supplyLoad, 'a supply that is loaded less runs cooler and lasts'),
            'drivers' => Fact::assumed(DriverSchool::Either, 'both are sound'),
            'pins' => Fact::assumed(PinSchool::Either, 'both are sound; an expander is fitted where pins run short'),
        ];

        return array_filter($usual, fn(string $field): bool => null === $this->{$field}, ARRAY_FILTER_USE_KEY);
    }

    /**
     * The same of which only lines are known that are still there.
     *
     * @param list<string> $lines ids
     */
    public function keeping(array $lines): self
    {
        $isGone = static fn(Wanted $one): bool => [] !== array_diff($one->lines, $lines);
        if ([] === array_filter($this->appliances, $isGone)) {
            return $this;
        }

        return Copy::of($this, ['appliances' => array_map(
            static fn(Wanted $one): Wanted => Copy::of($one, ['lines' => array_values(array_intersect($one->lines, $lines))]),
            $this->appliances,
        )]);
    }
}
