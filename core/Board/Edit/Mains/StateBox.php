<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgingCapacitor;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LeavesTheCover;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Board\MaterialGroup;
use IronLatch\Core\Board\OvervoltageCategory;
use IronLatch\Core\Board\PollutionDegree;
use IronLatch\Core\Board\Seal;
use IronLatch\Core\Catalogue\BoxKind;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/**
 * States facts of the mains side as a whole; what is left out stays as it was.
 *
 * Clearance and creepage are targets unless they are said to be measured on the built piece or read back from its layout.
 */
#[Says(Nature::Choice)]
final readonly class StateBox implements Edit
{
    public function __construct(
        public ?InletKind $inlet = null,
        #[Measured(Unit::Ampere)]
        public ?float $inletAmps = null,
        public ?bool $fused = null,
        #[Measured(Unit::SquareMetre, above: true)]
        public ?float $leadSquareMetres = null,
        #[Measured(Unit::SquareMetre, above: true)]
        public ?float $innerSquareMetres = null,
        #[Measured(Unit::Ampere)]
        public ?float $terminalAmps = null,
        #[Says(Nature::Promise)]
        #[Measured(Unit::Metre)]
        public ?float $clearanceMetres = null,
        #[Says(Nature::Promise)]
        #[Measured(Unit::Metre)]
        public ?float $creepageMetres = null,
        #[Says(Nature::Observation)]
        public ?OvervoltageCategory $overvoltage = null,
        #[Says(Nature::Observation)]
        public ?PollutionDegree $pollution = null,
        public ?Seal $seal = null,
        #[Says(Nature::Promise, unless: true)]
        public ?bool $touchable = null,
        public ?BaseMaterial $enclosure = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $enclosureEarthed = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $oneCircuit = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $switchesFreed = null,
        #[Says(Nature::Promise, unless: false)]
        public ?bool $lowContactsApart = null,
        public ?bool $tracks = null,
        #[Says(Nature::Observation)]
        #[Measured(Unit::Metre)]
        public ?float $altitudeMetres = null,
        public ?MaterialGroup $material = null,
        public ?int $atOnce = null,
        #[Measured(Unit::SquareMetre, above: true)]
        public ?float $branchSquareMetres = null,
        public ?bool $bothFused = null,
        #[Says(Nature::Promise, unless: true)]
        public ?bool $socketReachable = null,
        public ?BridgingCapacitor $bridgingCapacitor = null,
        #[Measured(Unit::Metre, above: true)]
        public ?float $lengthMetres = null,
        #[Measured(Unit::Metre, above: true)]
        public ?float $widthMetres = null,
        #[Measured(Unit::Metre, above: true)]
        public ?float $heightMetres = null,
        public ?BoxKind $kind = null,
        #[Says(Nature::Observation)]
        public ?bool $measured = null,
    ) {}

    /** In one piece: a table from field to fact. */
    public function apply(Board $board): Board
    {
        if ([] === $this->stated()) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }
        $box = $board->box ?? new MainsBox();
        if (false === $this->touchable) {
            $leaving = LeavesTheCover::all($board);
            if ([] !== $leaving) {
                throw new EditRefused(sprintf(
                    'The low-voltage side cannot be treated as live while something of it leaves the cover: %s. Take it off the board or '
                        . 'keep the low-voltage side apart from mains instead.',
                    implode(', ', $leaving),
                ));
            }
        }
        $changes = [];
        foreach (get_object_vars($this) as $field => $value) {
            if ('measured' !== $field && (is_bool($value) || is_int($value) || is_float($value) || $value instanceof \BackedEnum)) {
                $changes[(string) $field] = Fact::stated($value);
            }
        }
        $distances = [
            'clearanceMetres' => $this->clearanceMetres ?? $box->clearanceMetres?->value,
            'creepageMetres' => $this->creepageMetres ?? $box->creepageMetres?->value,
        ];
        foreach ($distances as $field => $metres) {
            if (is_float($metres) && (true === $this->measured || isset($changes[$field]))) {
                $changes[$field] = true === $this->measured ? Fact::stated($metres) : Fact::target($metres);
            }
        }
        if (false === $this->fused) {
            $changes['fuse'] = null;
        }

        return $board->with(box: Copy::of($box, $changes));
    }

    /**
     * @return list<string> names of what is stated
     */
    private function stated(): array
    {
        return array_keys(array_filter(get_object_vars($this), static fn(mixed $value): bool => null !== $value));
    }

    public function summary(Board $board): string
    {
        return 'State the mains side: ' . implode(
            ', ',
            array_map(
                static fn(string $name): string => strtolower((string) preg_replace('/(?<!^)(?=[A-Z])/', ' ', $name)),
                $this->stated(),
            ),
        );
    }
}
