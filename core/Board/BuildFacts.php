<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/** How the board is to be built, in what it lies, where its parts lie, and what it may cost at the most; null for what nobody has said. */
final readonly class BuildFacts
{
    /** Parts on one plan. */
    public const MOST_PLACES = 1024;

    /**
     * @param ?Fact<BuildForm> $form
     * @param ?string $enclosure part id of the box; null while none is chosen: its sizes can be stated all the same
     * @param ?string $assembler part id of the terms under which it is made; null while none are chosen
     * @param ?Fact<bool> $fixed board and modules stand on screws and stand-offs
     * @param ?Fact<bool> $slot a slot of 1.5 mm or more is milled between mains and low voltage
     * @param ?Fact<bool> $padsRemoved the pads between mains and the rest of a perforated board are taken off
     * @param ?Fact<bool> $rowsMeasured the distance of the controller’s header rows was measured on the piece in hand
     * @param ?Fact<bool> $bothSides parts are soldered on both sides of the board
     * @param ?Fact<float> $mostEuros what one copy may cost
     * @param ?Fact<float> $mostLengthMetres of the plan
     * @param ?Fact<float> $mostWidthMetres of the plan
     * @param ?Fact<int> $mostDifferent how many different parts may be bought
     * @param ?Fact<int> $copies how many are to be built
     * @param ?Fact<float> $hourEuros what an hour of work counts; nothing while nobody has said
     * @param array<string, PlacedAt> $places by designator
     * @param array<string, ChosenRating> $ratings of parts that bear more than the usual ones, by designator
     */
    public function __construct(
        #[FactOf(BuildForm::class)]
        public ?Fact $form = null,
        public ?string $enclosure = null,
        public ?string $assembler = null,
        #[FactOf('bool')]
        public ?Fact $fixed = null,
        #[FactOf('bool')]
        public ?Fact $slot = null,
        #[FactOf('bool')]
        public ?Fact $padsRemoved = null,
        #[FactOf('bool')]
        public ?Fact $rowsMeasured = null,
        #[FactOf('bool')]
        public ?Fact $bothSides = null,
        #[FactOf('float'), Measured(Unit::Euro)]
        public ?Fact $mostEuros = null,
        #[FactOf('float'), Measured(Unit::Metre, least: 0.01, most: 3.0)]
        public ?Fact $mostLengthMetres = null,
        #[FactOf('float'), Measured(Unit::Metre, least: 0.01, most: 3.0)]
        public ?Fact $mostWidthMetres = null,
        #[FactOf('int')]
        public ?Fact $mostDifferent = null,
        #[FactOf('int')]
        public ?Fact $copies = null,
        #[FactOf('float'), Measured(Unit::Euro)]
        public ?Fact $hourEuros = null,
        #[MapOf(PlacedAt::class, '^[A-Z][0-9]{2,8}$')]
        public array $places = [],
        #[MapOf(ChosenRating::class, '^[A-Z][0-9]{2,8}$')]
        public array $ratings = [],
    ) {
        if (is_int($mostDifferent?->value) && ($mostDifferent->value < 1 || $mostDifferent->value > 1000)) {
            throw new \InvalidArgumentException('A board is made of 1 to 1000 different parts.');
        }
        if (is_int($copies?->value) && ($copies->value < 1 || $copies->value > 1000)) {
            throw new \InvalidArgumentException('Between 1 and 1000 copies are built.');
        }
        if (max(count($places), count($ratings)) > self::MOST_PLACES) {
            throw new \InvalidArgumentException(sprintf('A plan holds at most %d parts.', self::MOST_PLACES));
        }
    }

    public function form(): ?BuildForm
    {
        return $this->form?->value instanceof BuildForm ? $this->form->value : null;
    }

    public function copies(): int
    {
        return is_int($this->copies?->value) ? $this->copies->value : 1;
    }
}
