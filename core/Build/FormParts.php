<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\Outline;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\DeviceKind;
use IronLatch\Core\Wiring\Wire;

/** What a form of build takes besides the parts of the circuit: boards, strips, jumpers, wire, screws, the box. */
final readonly class FormParts
{
    /** The row of the board that is made elsewhere, also in price lists. */
    public const ETCHED_BOARD = 'etched board';
    /** A wire whose length nobody has said (common practice, no source). */
    public const USUAL_METRES = 0.3;
    /** What parts cover of a board; the rest is tracks and the barrier (common practice, no source). */
    private const COVERED = 0.45;
    private const PERFORATED_SQUARE_METRES = 0.16 * 0.1;
    private const PROGRAMMING_POLES = 6;
    private const FEET = 4;

    /**
     * @param array<string, Outline> $outlines
     */
    public function __construct(
        private Board $board,
        private Connections $connections,
        private BuildForm $form,
        private array $outlines,
        private PriceList $prices = new PriceList(),
    ) {}

    /** @return list<PartsRow> */
    public function rows(): array
    {
        $rows = match ($this->form) {
            BuildForm::HandWired => [
                $this->row('jumpers', 'jumper wires, to push on', UsualPrices::JUMPER, $this->jumpers()),
                $this->row('base', 'base plate that does not burn', UsualPrices::BASE_PLATE, 1),
            ],
            BuildForm::Perforated => [
                $this->row('board', 'perforated board 160 × 100 mm', UsualPrices::PERFORATED, $this->perforated()),
                $this->sockets(),
            ],
            BuildForm::CarrierBoard => [
                $this->row('board', self::ETCHED_BOARD, $this->etched(), 1),
                $this->sockets(),
            ],
            BuildForm::Assembled => [
                $this->row('board', self::ETCHED_BOARD, $this->etched(), 1),
                $this->row(
                    'header',
                    'programming header, 6 poles',
                    UsualPrices::HEADER_POLE * self::PROGRAMMING_POLES,
                    $this->missingHeaders(),
                ),
            ],
        };
        $rows[] = $this->row('fixing', 'stand-off with screws', UsualPrices::STAND_OFF, self::FEET * $this->standing());
        if (null !== $this->board->build->enclosure) {
            $box = $this->board->part($this->board->build->enclosure, Enclosure::class);
            $rows[] = $this->row('enclosure', $box->identity->name, $box->euros(), 1, $box->identity->id);
        }
        $metres = $this->metres();
        if ($metres > 0) {
            $rows[] = $this->row('wire', 'wire, by the cutting list', UsualPrices::WIRE_METRE, $metres, null, 'm');
        }

        return array_values(array_filter($rows, static fn(PartsRow $row): bool => $row->count > 0));
    }

    /** Square metres of the board: what is placed, else what the parts need. */
    public function squareMetres(): float
    {
        $placed = (new BoxPlan($this->outlines, null, 0.0, $this->board->build->places))->board();
        $isWhole = [] === array_diff_key($this->outlines, $this->board->build->places);

        return null !== $placed && $isWhole
            ? $placed->width() * $placed->height()
            : array_sum(array_map(static fn(Outline $part): float => $part->length * $part->width, $this->outlines)) / self::COVERED;
    }

    /**
     * The wires that are really cut: on an etched board only those that leave it.
     *
     * @return list<Wire>
     */
    public function wires(): array
    {
        return array_values(array_filter($this->connections->wires, fn(Wire $wire): bool => !$wire->onBoard
            && (!$this->form->isEtched() || !isset($this->outlines[$wire->from->device], $this->outlines[$wire->to->device]))));
    }

    private function metres(): float
    {
        return round(array_sum(array_map(static fn(Wire $wire): float => $wire->metres ?? self::USUAL_METRES, $this->wires())), 1);
    }

    /** A bare module on the board brings its header along; another controller would be replaced by one. */
    private function missingHeaders(): int
    {
        return $this->board->controller()->carrier->isBareModule ? 0 : 1;
    }

    private function jumpers(): int
    {
        $pins = [DeviceKind::Controller, DeviceKind::Module, DeviceKind::Expander];
        $isOne = fn(Wire $wire): bool => !$wire->onBoard && [] !== array_filter(
            [$wire->from->device, $wire->to->device],
            fn(string $device): bool => in_array($this->connections->devices[$device]->kind ?? null, $pins, true),
        ) && !($this->connections->nets[$wire->net]->kind->isMains());

        return count(array_filter($this->connections->wires, $isOne));
    }

    /** How many things stand on feet of their own. */
    private function standing(): int
    {
        $own = [
            DeviceKind::Controller,
            DeviceKind::Module,
            DeviceKind::Supply,
            DeviceKind::Converter,
            DeviceKind::Relay,
            DeviceKind::Expander,
        ];

        return $this->form->isOneBoard() ? 1 : count(array_filter(
            $this->outlines,
            static fn(Outline $part): bool => in_array($part->kind, $own, true),
        ));
    }

    /** Two strips that the carrier is pushed into. */
    private function sockets(): PartsRow
    {
        $poles = (int) ceil(count($this->board->controller()->carrier->header) / 2);

        return $this->row('sockets', sprintf('socket strip, %d poles', $poles), UsualPrices::SOCKET_POLE * $poles, 2);
    }

    private function perforated(): int
    {
        return (int) max(1, ceil($this->squareMetres() / self::PERFORATED_SQUARE_METRES - 1e-9));
    }

    /** A bare board under the chosen terms, else as is usual. */
    private function etched(): float
    {
        $id = $this->board->build->assembler;
        $euros = null === $id ? UsualPrices::ETCHED : $this->board->part($id, Assembler::class)->boardEuros;

        return $euros * max(1.0, $this->squareMetres() * 100);
    }

    private function row(string $kind, string $what, ?float $euros, float $count, ?string $part = null, string $unit = ''): PartsRow
    {
        $price = $this->prices->priceOf($part, $what) ?? (null === $euros ? null : Price::shipped($euros));

        return new PartsRow($kind, $what, [], $part, $price, [], $count, $unit);
    }
}
