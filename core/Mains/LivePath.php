<?php

declare(strict_types=1);

namespace IronLatch\Core\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ContactUse;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;

/** The contact of every line against the appliance behind it. */
final readonly class LivePath
{
    /** Rise of a track that is allowed (common practice). */
    private const TRACK_RISE_KELVIN = 10.0;
    private const SOURCE = 'contact ratings of the relay’s part file; shares by kind of load: common practice, from memory';

    /**
     * @param array<string, ContactLoad> $contacts by relay id
     * @param Figure $total amperes of all mains lines that can be on together
     * @param array<string, SharedPart> $shared what all of them have in common, from the inlet inwards, by id
     * @param array<string, FanSteps> $fans steps behind series capacitors, by group
     * @param array<string, Figure> $outlets what the outlet of a line bears over what it carries, by line; none while its rating is not
     *     stated
     */
    private function __construct(
        public array $contacts,
        public Figure $total,
        public array $shared,
        public array $fans,
        public array $outlets,
    ) {}

    public static function of(Board $board): self
    {
        $contacts = [];
        foreach ($board->lines as $line) {
            foreach ($line->actuators as $id => $actuator) {
                // A second winding has no contact of its own; it is listed with that of the first.
                $contacts[$id] = self::contact($board, $line, $board->relay($actuator), null !== $actuator->relay, $actuator->contact);
            }
        }

        $total = self::total($board, $contacts);

        return new self(
            $contacts,
            $total,
            self::shared($board, $contacts, $total),
            FanSteps::all($board),
            self::outlets($board, $contacts),
        );
    }

    /**
     * The sum of all mains lines; of those that may never be on together only the greatest counts.
     *
     * @param array<string, ContactLoad> $contacts
     */
    private static function total(Board $board, array $contacts): Figure
    {
        $amps = self::lineAmps($board, $contacts);
        $sum = array_sum($amps);
        foreach ($board->groups as $group) {
            // Only what the contacts themselves keep apart is counted as kept apart.
            if ([] === $group->keptApart() || true !== $group->byContacts?->value) {
                continue;
            }
            $members = [];
            foreach ($group->functions as $function) {
                $owner = $board->actuatorOf($function);
                $line = null === $owner ? null : $board->lineOf($owner);
                if (null !== $line && isset($amps[$line])) {
                    $members[$line] = $amps[$line];
                }
            }
            if (count($members) > 1) {
                $sum -= array_sum($members) - max($members);
            }
        }

        return new Figure(
            'current of all lines',
            $sum,
            Unit::Ampere,
            'Σ I, of those interlocked by contacts the greatest',
            array_map(
                static fn(string $line, float $one): string => $board->nameOf($line) . ' ' . QuantityPrinter::rounded($one, Unit::Ampere),
                array_keys($amps),
                $amps,
            ),
            'all lines on, rated power',
            'Kirchhoff’s current law; currents of unequal phase add up to less',
        );
    }

    /**
     * @param array<string, ContactLoad> $contacts
     * @return array<string, float> amperes by mains line
     */
    private static function lineAmps(Board $board, array $contacts): array
    {
        $amps = [];
        foreach ($board->lines as $id => $line) {
            $first = array_key_first($line->actuators);
            if (null === $board->appliance($line)->dcVolts && null !== $first) {
                $amps[$id] = $contacts[$first]->amps->value;
            }
        }

        return $amps;
    }

    /**
     * In one piece: a list of the parts that carry the sum, in the order of the current.
     *
     * @param array<string, ContactLoad> $contacts
     * @return array<string, SharedPart>
     */
    private static function shared(Board $board, array $contacts, Figure $total): array
    {
        $box = $board->box ?? new MainsBox();
        $table = $board->system()->cordTable;
        $cord = static fn(?Fact $area, float $warmer = 1.0): ?Figure => is_float($area?->value) ? new Figure(
            'current that it bears',
            Ampacity::of($area->value, $table) * $warmer,
            Unit::Ampere,
            $warmer < 1 ? 'table of cords · k' : 'table of cords',
            [
                WireSize::printed($area->value, $table),
                ...$warmer < 1 ? [sprintf(
                    'k = %.2f in air of %s',
                    $warmer,
                    QuantityPrinter::rounded($board->ambientCelsius(), Unit::Celsius),
                )] : [],
            ],
            'flexible conductor',
            $table->value . ($warmer < 1 ? '; k from IEC 60364-5-52 or NEC 310.15' : '') . ', from memory',
        ) : null;
        $stated = static fn(?Fact $fact): ?Figure => is_float($fact?->value) ? new Figure(
            'rating',
            $fact->value,
            Unit::Ampere,
            'as stated',
            [],
            'as printed on it',
            'stated by the maker',
        ) : null;
        $amps = self::lineAmps($board, $contacts);
        $single = new Figure(
            'greatest current of one line',
            [] === $amps ? 0.0 : max($amps),
            Unit::Ampere,
            'max I',
            [],
            'rated power',
            'definition of active power',
        );
        rsort($amps);
        $most = $box->atOnce?->value;
        $few = is_int($most) && $most < count($amps) ? new Figure(
            sprintf('current of the %s', 1 === $most ? 'greatest line' : $most . ' greatest lines'),
            min($total->value, array_sum(array_slice($amps, 0, $most))),
            Unit::Ampere,
            'Σ of the greatest I',
            [sprintf('%d of %d at once, as the program promises', $most, count($amps))],
            'rated power',
            'stated by the maker',
        ) : null;
        $track = $box->track;
        $trackBears = null === $track ? null : new Figure(
            'current that it bears',
            TrackCurrent::amps($track->widthMetres, $track->equivalentMetres(), self::TRACK_RISE_KELVIN, $track->inner),
            Unit::Ampere,
            'k · ΔT^0.44 · A^0.725',
            [
                $track->inner ? 'k = 0.024, inside' : 'k = 0.048, outside',
                'ΔT = ' . sprintf('%g K', self::TRACK_RISE_KELVIN),
                QuantityPrinter::rounded($track->widthMetres, Unit::Metre) . ' wide',
                QuantityPrinter::rounded($track->copperMetres, Unit::Metre) . ' of copper',
                ...0.0 === $track->tinMetres
                    ? []
                    : [QuantityPrinter::rounded($track->tinMetres, Unit::Metre) . ' of solder, counted as an eighth'],
            ],
            sprintf('%g K warmer than the board', self::TRACK_RISE_KELVIN),
            'IPC-2221, from memory',
        );
        $fuse = null === $box->fuse ? null : $board->part($box->fuse, MainsFuse::class);
        $shared = [];
        foreach ([
            ['inlet', 'inlet', $total, $stated($box->inletAmps)],
            ['lead', 'lead', $total, $cord($box->leadSquareMetres)],
            [
                'fuse',
                'fuse',
                $total,
                null === $fuse ? null : new Figure(
                    'rating',
                    $fuse->ratedAmps,
                    Unit::Ampere,
                    'part file',
                    [],
                    'for good',
                    $fuse->identity->name,
                ),
            ],
            ['inner', 'wiring inside', $total, $cord($box->innerSquareMetres, self::warmerInside($board))],
            ['branch', 'thinnest wire of one line', $single, $cord($box->branchSquareMetres, self::warmerInside($board))],
            ['terminal', 'least terminal', $total, $stated($box->terminalAmps)],
            ...false === $box->tracks?->value ? [] : [[
                'track',
                'narrowest track',
                true === $track?->carriesAll?->value ? $total : $single,
                $trackBears,
            ]],
        ] as [$id, $name, $carries, $bears]) {
            $shared[$id] = new SharedPart(
                $id,
                $name,
                $carries,
                $carries === $total ? $few : null,
                $bears,
                null === $bears ? null : self::over($bears, $carries, 'all lines on'),
            );
        }

        return $shared;
    }

    /** What a part bears over what it carries. */
    public static function over(Figure $bears, Figure $carries, string $corner = 'rated power'): Figure
    {
        return new Figure(
            'what it bears over what it carries',
            $bears->value / max($carries->value, 1e-9),
            Unit::Ratio,
            'I_bears ÷ I',
            ['I_bears = ' . $bears->printed(), 'I = ' . $carries->printed()],
            $corner,
            $bears->source,
        );
    }

    /**
     * @param array<string, ContactLoad> $contacts
     * @return array<string, Figure> by line
     */
    private static function outlets(Board $board, array $contacts): array
    {
        $outlets = [];
        foreach ($board->lines as $id => $line) {
            $rated = $line->safety?->outletAmps?->value;
            $first = array_key_first($line->actuators);
            if (is_float($rated) && null !== $first && true === $line->safety->outlet?->value?->isOutlet()) {
                $outlets[$id] = self::over(
                    new Figure('rating of the outlet', $rated, Unit::Ampere, 'as stated', [], 'as printed on it', 'stated by the maker'),
                    $contacts[$first]->amps,
                );
            }
        }

        return $outlets;
    }

    /** What a wire inside the box bears of what it bears in open air, where somebody has stated how warm it is in there. */
    public static function warmerInside(Board $board): float
    {
        return Ampacity::warmer($board->ambientCelsius(), $board->system()->cordTable);
    }

    /**
     * The contact of one relay in a line; the relay need not be the line’s own.
     *
     * @param bool $breaks whether it is a contact, in which an arc must go out
     */
    public static function contact(
        Board $board,
        Line $line,
        Relay $relay,
        bool $breaks = true,
        ContactUse $use = ContactUse::NormallyOpen,
    ): ContactLoad {
        $appliance = $board->appliance($line);
        $watts = is_float($line->watts->value) ? $line->watts->value : $appliance->typicalWatts;
        $volts = $appliance->dcVolts ?? $board->system()->volts;
        $isDc = null !== $appliance->dcVolts || $board->system()->isDirect();
        $amps = $watts / ($volts * ($isDc ? 1.0 : $appliance->powerFactor));
        $current = new Figure(
            'appliance current',
            $amps,
            Unit::Ampere,
            $isDc ? 'P ÷ U' : 'P ÷ (U · cos φ)',
            [
                'P = ' . QuantityPrinter::rounded($watts, Unit::Watt) . ' (' . $line->watts->knowledge->value . ')',
                'U = ' . QuantityPrinter::rounded($volts, Unit::Volt),
                ...$isDc ? [] : ['cos φ = ' . QuantityPrinter::rounded($appliance->powerFactor, Unit::Ratio)],
            ],
            'rated power',
            'definition of active power',
        );
        $use = ContactUsable::of(
            $relay,
            $appliance->load,
            $isDc,
            $breaks,
            $use,
            $board->houseRules->contactShare,
            $board->ambientCelsius(),
        );
        $high = !$isDc && $appliance->load->followsMains() ? MainsSystem::HIGHEST_SHARE : 1.0;

        return new ContactLoad(
            $current,
            new Margin(
                (new Figure(
                    'contact rating over current',
                    $use->ratedAmps / $amps,
                    Unit::Ratio,
                    'I_contact ÷ I',
                    [
                        'I_contact = ' . QuantityPrinter::rounded($use->ratedAmps, Unit::Ampere) . ($isDc ? ' DC' : ' AC'),
                        'I = ' . $current->printed(),
                    ],
                    'plain resistive rating',
                    self::SOURCE,
                ))->outOf($use->ratedAmps, $amps, Unit::Ampere),
                (new Figure(
                    'usable contact rating over current',
                    $use->amps / ($high * $amps),
                    Unit::Ratio,
                    $high > 1 ? 'I_usable ÷ (1.1 · I)' : 'I_usable ÷ I',
                    [
                        'I = ' . $current->printed(),
                        'I_usable = ' . QuantityPrinter::rounded($use->amps, Unit::Ampere),
                        'of ' . QuantityPrinter::rounded($use->ratedAmps, Unit::Ampere) . ($isDc ? ' DC' : ' AC'),
                        ...$use->because,
                    ],
                    $high > 1 ? 'mains 10 % high' : 'with what this kind of load leaves of it',
                    self::SOURCE,
                ))->outOf($use->amps, $high * $amps, Unit::Ampere),
            ),
            $isDc ? self::volts($relay->contactDcVolts, $volts) : self::volts($relay->contactAcVolts, $volts),
        );
    }

    private static function volts(float $rated, float $actual): Margin
    {
        $figure = (new Figure(
            'contact voltage rating over voltage',
            $rated / $actual,
            Unit::Ratio,
            'U_contact ÷ U',
            ['U_contact = ' . QuantityPrinter::rounded($rated, Unit::Volt), 'U = ' . QuantityPrinter::rounded($actual, Unit::Volt)],
            'nominal voltage',
            self::SOURCE,
        ))->outOf($rated, $actual, Unit::Volt);

        return new Margin($figure, $figure);
    }
}
