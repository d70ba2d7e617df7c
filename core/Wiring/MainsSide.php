<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\BaseMaterial;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\MainsBox;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\SupplyForm;

/** What all mains lines have in common: inlet, fuse, bars, the supplies on mains; and every line behind them. */
final class MainsSide
{
    public const LIVE = 'L';
    public const NEUTRAL = 'N';
    public const EARTH = 'PE';
    private const INLET = 'X01';

    private readonly Board $board;
    private readonly Harness $harness;
    private readonly MainsBox $box;

    public function __construct(private readonly Places $places, private readonly RelaySide $relays)
    {
        $this->board = $places->board;
        $this->harness = $places->harness;
        $this->box = $places->board->box ?? new MainsBox();
    }

    public function add(): void
    {
        $lines = array_filter($this->board->lines, fn(Line $line): bool => self::isOnMains($this->board, $line));
        $supplies = array_filter(
            array_keys($this->board->rails),
            fn(string $rail): bool => SupplyForm::EncapsulatedModule === $this->board->source($rail)?->form,
        );
        if ([] === $lines && [] === $supplies) {
            $this->direct();

            return;
        }
        $this->inlet();
        foreach ($supplies as $rail) {
            $this->supply($rail);
        }
        foreach ($this->inOrder(array_keys($lines)) as $id) {
            (new MainsLine($this->places, $this->relays, $id))->add(fn(Actuator $one, string $relay): string => $this->feed($one, $relay));
        }
        $this->earth();
        $this->direct();
    }

    /** Lines that the board feeds from a rail, and those that only close a contact for somebody else. */
    private function direct(): void
    {
        foreach ($this->inOrder(array_keys($this->board->lines)) as $id) {
            if (!self::isOnMains($this->board, $this->board->lines[$id])) {
                (new DirectLine($this->places, $this->relays, $id))->add();
            }
        }
    }

    /** Whether a line leaves the box among those of the mains. */
    public static function isOnMains(Board $board, Line $line): bool
    {
        $appliance = $board->appliance($line);

        return null === $appliance->dcVolts && !$appliance->ownVoltage;
    }

    /**
     * @param list<string> $lines
     * @return list<string> those that the maker wants first, then the rest
     */
    private function inOrder(array $lines): array
    {
        $first = array_values(array_intersect($this->places->facts->order, $lines));

        return [...$first, ...array_diff($lines, $first)];
    }

    private function live(): string
    {
        return $this->harness->net(self::LIVE, self::letters($this->board)['L'] . ' behind the fuse', NetKind::Live, Area::Mains);
    }

    /**
     * The names of the conductors as they are printed at terminals.
     *
     * @return array{L: string, N: string, PE: string}
     */
    public static function letters(Board $board): array
    {
        $isTwoHots = InletKind::TwoHots === $board->box?->inlet?->value;
        if ($board->system()->isDirect()) {
            return ['L' => '+', 'N' => '−', 'PE' => 'PE'];
        }

        return ['L' => $isTwoHots ? 'L1' : 'L', 'N' => $isTwoHots ? 'L2' : 'N', 'PE' => 'PE'];
    }

    private function inlet(): void
    {
        $letters = self::letters($this->board);
        $inlet = $this->box->inlet?->value;
        $id = $this->harness->device(
            DeviceKind::Inlet,
            '01',
            'inlet',
            [new Terminal('L', $letters['L'], Joining::Screw), new Terminal('N', $letters['N'], Joining::Screw)],
            'board',
            $inlet instanceof InletKind ? $inlet->value : 'kind not stated',
        );
        $this->fuses($id);
        $this->harness->net(self::NEUTRAL, $letters['N'], InletKind::TwoHots === $inlet ? NetKind::Live : NetKind::Neutral, Area::Mains);
        $this->harness->net(self::EARTH, 'PE', NetKind::Earth, Area::Mains);
        if (!isset($this->harness->devices['F02'])) {
            $this->harness->join(self::NEUTRAL, $id, 'N', 'M02', 'board');
        }
    }

    /** Protective earth comes in where something wants it, and always with fixed wiring; nobody says it of every plug. */
    private function earth(): void
    {
        $isHurting = !$this->board->system()->isHarmlessToTouch();
        if (BaseMaterial::Metal === $this->box->enclosure?->value && $isHurting) {
            $case = $this->harness->device(DeviceKind::Case, '02', 'metal case', [new Terminal('PE', 'PE', Joining::Screw)], 'board');
            $this->harness->join(self::EARTH, $case, 'PE', 'M04', 'board');
        }
        if ($isHurting && (InletKind::Fixed === $this->box->inlet?->value || $this->harness->isJoined(self::EARTH))) {
            $this->harness->extend(self::INLET, new Terminal('PE', 'PE', Joining::Screw));
            $this->harness->join(self::EARTH, self::INLET, 'PE', 'M03', 'board');
        }
    }

    /** The fuse behind the inlet where there is one; behind two live conductors each its own, where that is stated. */
    private function fuses(string $inlet): void
    {
        $fuse = null === $this->box->fuse ? null : $this->board->part($this->box->fuse, MainsFuse::class);
        if (null === $fuse && true !== $this->box->fused?->value) {
            $this->harness->net(self::LIVE, self::letters($this->board)['L'], NetKind::Live, Area::Mains);
            $this->harness->join(self::LIVE, $inlet, 'L', 'M01', 'board');
            if (null === $this->box->fused) {
                $this->harness->note('Whether a fuse stands behind the inlet is not stated: none is drawn.');
            }

            return;
        }
        $both = InletKind::TwoHots === $this->box->inlet?->value && true === $this->box->bothFused?->value;
        foreach ($both ? ['1' => 'L', '2' => 'N'] : ['1' => 'L'] as $digit => $conductor) {
            $letter = self::letters($this->board)[$conductor];
            $id = $this->harness->device(
                DeviceKind::Fuse,
                '0' . $digit,
                'fuse in ' . $letter,
                Harness::terminals($fuse, ['1', '2'], Joining::Screw),
                'board',
                $fuse->identity->name ?? 'rating not stated',
                $fuse?->identity->id,
            );
            $before = $this->harness->net($conductor . ' before', $letter . ' before the fuse', NetKind::Live, Area::Mains);
            $this->harness->join($before, $inlet, $conductor, 'M0' . (1 === $digit ? '1' : '2'), 'board');
            $this->harness->join($before, $id, '1', 'M0' . (1 === $digit ? '5' : '6'), 'board');
            if ('N' === $conductor) {
                $this->harness->net(self::NEUTRAL, $letter, NetKind::Live, Area::Mains);
            }
            $this->harness->join('N' === $conductor ? self::NEUTRAL : $this->live(), $id, '2', 'M0' . (1 === $digit ? '7' : '8'), 'board');
        }
    }

    private function supply(string $rail): void
    {
        $number = Places::number($rail);
        $this->harness->join($this->live(), 'G' . $number . '1', 'L', 'V' . $number . '9', $rail);
        $this->harness->join(self::NEUTRAL, 'G' . $number . '1', 'N', 'V' . $number . '0', $rail);
    }

    /** What a contact is fed from: the live bar, or where contacts keep lines apart, the resting contact of the one before it. */
    private function feed(Actuator $actuator, string $relay): string
    {
        $group = $this->board->interlockOf($actuator->function);
        if (null === $group) {
            return $this->live();
        }
        $place = (int) array_search($actuator->function, $group->functions, true);
        $before = 0 === $place ? null : $this->board->actuatorOf($group->functions[$place - 1]);
        if (null === $before) {
            return $this->live();
        }
        $net = $this->harness->net(
            $before . '.rest',
            sprintf('fed while %s rests', $this->board->nameOf($before)),
            NetKind::SwitchedLive,
            Area::Mains,
        );
        $this->harness->join(
            $net,
            $this->relays->contactDevice($before),
            $this->relays->contactTerminal($before, 'NC'),
            'P' . Places::number($before) . '3',
            $before,
        );

        return $net;
    }
}
