<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Wiring\DeviceKind;

/** What is really to be bought for so many copies: without what lies in the drawer, with spares, with what the order itself costs. */
final readonly class Shopping
{
    /** One in ten, two at least (common practice, no source). */
    private const SPARE_SHARE = 0.1;
    private const LEAST_SPARES = 2.0;
    private const SMALL = [
        DeviceKind::Resistor,
        DeviceKind::Diode,
        DeviceKind::Transistor,
    ];

    /**
     * @param list<Purchase> $purchases in the order of the parts list
     * @param int $boards etched boards in the order: as many as copies, or the least that is made
     * @param float $orderEuros set-up and shipping
     */
    private function __construct(public int $copies, public array $purchases, public int $boards, public float $orderEuros) {}

    public static function of(Board $board, PartsList $list, Drawer $drawer = new Drawer()): self
    {
        $copies = $board->build->copies();
        $isEtched = true === $board->build->form()?->isEtched();
        $terms = null === $board->build->assembler ? null : $board->part($board->build->assembler, Assembler::class);
        $boards = $isEtched ? max($copies, $terms->leastCount ?? FormComparison::USUAL_LEAST) : 0;
        $small = array_column(self::SMALL, 'value');
        $purchases = [];
        foreach ($list->rows as $row) {
            $needed = FormParts::ETCHED_BOARD === $row->what ? (float) $boards : $row->count * $copies;
            $spare = in_array($row->kind, $small, true) ? max(self::LEAST_SPARES, ceil($needed * self::SPARE_SHARE)) : 0.0;
            $purchases[] = new Purchase($row, $needed, min($needed + $spare, $drawer->countOf($row->part, $row->what)), $spare);
        }
        $order = $isEtched ? FormComparison::orderEuros($board, $terms) : 0.0;

        return new self($copies, $purchases, $boards, $order);
    }

    /** All that is bought, as far as prices are known, with the order. */
    public function euros(): float
    {
        return $this->orderEuros + array_sum(array_map(static fn(Purchase $one): float => $one->euros() ?? 0.0, $this->purchases));
    }
}
