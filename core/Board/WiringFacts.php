<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Copper;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\FactOf;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\MapOf;
use IronLatch\Core\Record\Measured;

/** What the maker has chosen of the wiring where there is a choice; what is left open is done as is usual. */
final readonly class WiringFacts
{
    /** Of a wire inside the low-voltage side (common practice, no source). */
    public const USUAL_SQUARE_METRES = 0.25e-6;
    /** Of a package. */
    public const MOST_CHANNELS = 16;

    /**
     * @param ?Fact<WiringScheme> $ground of the grounds; a star while nothing is chosen
     * @param ?Fact<WiringScheme> $rails of everything that a rail feeds
     * @param ?Fact<WiringScheme> $mains of live and neutral; protective earth is always a star
     * @param ?Fact<float> $lowSquareMetres of every low-voltage wire inside the box
     * @param ?Fact<bool> $twoInAClamp the screw terminals used are made for two conductors of one size
     * @param ?Fact<bool> $bundlesApart mains wires and low-voltage wires are tied in bundles of their own
     * @param array<string, int> $channels of its array or module that serves a relay, by relay id; in their order while none is chosen
     * @param list<string> $fedAtContact relays whose NO or NC terminal is fed, and whose COM leads to the appliance
     * @param list<string> $order lines whose terminals come first, in this order; the rest follows as the lines do
     * @param array<string, WireLength> $lengths by number of the wire
     */
    public function __construct(
        #[FactOf(WiringScheme::class)]
        public ?Fact $ground = null,
        #[FactOf(WiringScheme::class)]
        public ?Fact $rails = null,
        #[FactOf(WiringScheme::class)]
        public ?Fact $mains = null,
        #[FactOf('float'), Measured(Unit::SquareMetre, least: 0.05e-6, most: 2.5e-6)]
        public ?Fact $lowSquareMetres = null,
        #[FactOf('bool')]
        public ?Fact $twoInAClamp = null,
        #[FactOf('bool')]
        public ?Fact $bundlesApart = null,
        #[MapOf('int', '^A[1-9][0-9]{0,5}$')]
        public array $channels = [],
        #[ListOf('string')]
        public array $fedAtContact = [],
        #[ListOf('string')]
        public array $order = [],
        #[MapOf(WireLength::class, '^[A-Z][0-9]{2,8}$')]
        public array $lengths = [],
    ) {
        foreach ($channels as $channel) {
            if ($channel < 1 || $channel > self::MOST_CHANNELS) {
                throw new \InvalidArgumentException(sprintf('A channel of a package lies between 1 and %d.', self::MOST_CHANNELS));
            }
        }
    }

    /**
     * Of the wires that lead from what feeds a rail to where it is spread, there and back and through what protects it, as far as their
     * lengths are stated.
     *
     * @param string $rail id
     * @param bool $isConverter its output wires are numbered apart from its input wires
     */
    public function feedOhms(string $rail, bool $isConverter): Spread
    {
        $ohms = Spread::exactly(0.0);
        $area = is_float($this->lowSquareMetres?->value) ? $this->lowSquareMetres->value : self::USUAL_SQUARE_METRES;
        $form = sprintf('/^(V%1$s[%2$s]|[EF]%1$s\d)$/', substr($rail, 1), $isConverter ? '34' : '12');
        foreach ($this->lengths as $number => $length) {
            $ohms = 1 === preg_match($form, $number) ? $ohms->plus(Copper::ohms($length->metres, $area)) : $ohms;
        }

        return $ohms;
    }

    /**
     * Without what belonged to relays and lines that are gone.
     *
     * @param list<string> $relays that there are
     * @param list<string> $lines
     */
    public function keeping(array $relays, array $lines): self
    {
        return Copy::of($this, [
            'channels' => array_intersect_key($this->channels, array_flip($relays)),
            'fedAtContact' => array_values(array_intersect($this->fedAtContact, $relays)),
            'order' => array_values(array_intersect($this->order, $lines)),
        ]);
    }
}
