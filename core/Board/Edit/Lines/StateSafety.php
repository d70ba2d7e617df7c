<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LineSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Snubber;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States facts of lines that keep people from harm; what is left out stays as it was. */
#[Says(Nature::Choice)]
final readonly class StateSafety implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        public ?OutletKind $outlet = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $earthJoined = null,
        public ?RestorePolicy $restore = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $cutOut = null,
        #[Measured(Unit::Second)]
        public ?float $restSeconds = null,
        #[Says(Nature::Observation)]
        #[Measured(Unit::Ratio)]
        public ?float $switchingsPerDay = null,
        #[Says(Nature::Intention, unless: true)]
        public ?bool $offTakenAsIsolation = null,
        public ?Snubber $snubber = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $linkRemoved = null,
        #[Says(Nature::Intention)]
        public ?bool $barredFromGroups = null,
        #[Measured(Unit::Ampere)]
        public ?float $outletAmps = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $remoteStart = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $unattended = null,
        #[Says(Nature::Intention)]
        public ?bool $mustNotStart = null,
        #[Says(Nature::Intention)]
        public ?bool $mustComeBack = null,
        public ?bool $loadDiode = null,
    ) {}

    public function apply(Board $board): Board
    {
        $facts = array_map(Fact::stated(...), $this->stated());
        if ([] === $facts) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $line = Targets::line($board, $id);
            $lines[$id] = $line->with(safety: Copy::of($line->safety ?? new LineSafety(), $facts));
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State of %s: %s',
            Targets::names($board, $this->lines),
            implode(
                ', ',
                array_map(
                    static fn(string $name): string => strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $name)),
                    array_keys($this->stated()),
                ),
            ),
        );
    }

    /**
     * @return array<string, bool|float|\BackedEnum> what is stated, by field
     */
    private function stated(): array
    {
        $stated = [];
        foreach (get_object_vars($this) as $field => $value) {
            if (is_bool($value) || is_float($value) || $value instanceof \BackedEnum) {
                $stated[(string) $field] = $value;
            }
        }

        return $stated;
    }
}
