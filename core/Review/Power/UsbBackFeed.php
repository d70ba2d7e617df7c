<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Power\StateUsbTogether;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\UsbIsolation;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** USB beside the board’s own source. */
final class UsbBackFeed implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.usb-back-feed',
            version: 1,
            title: 'USB beside the board’s own source',
            severities: [Severity::Weak, Severity::Hint],
            reason: 'Where the USB socket of a carrier leads straight to its 5 V pin, a computer that is plugged in for uploading and the '
                . 'board’s own source feed into each other.',
            threshold: 'the carrier has no diode between its socket and its supply pin, and another source feeds it: weak when both are '
                . 'stated to be used together, otherwise a hint for the build sheet; or a rail comes through the socket while another '
                . 'feeds the carrier: weak',
            basis: Basis::CommonPractice,
            source: 'common practice; the carrier’s part file, from memory',
            silentWhen: 'a diode keeps them apart, or the maker states that they are never used together',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        yield from $this->socket($inspection);
        foreach ($inspection->board->rails as $id => $rail) {
            $own = $inspection->board->mcu->rail;
            if ($rail->throughUsb && $id !== $own) {
                $label = $inspection->controller->carrier->entries()[0]->label;
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        'The rail %s begins at the carrier’s %s, which %s feeds as well: two sources meet there.',
                        $rail->name,
                        $label,
                        $inspection->board->nameOf($own),
                    ),
                    proposals: static fn(): array => [
                        new Remedy('Feed the controller from the rail ' . $rail->name, new FeedController($id)),
                        ...OtherSupplies::remedies($inspection, $id),
                    ],
                );
            }
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function socket(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        $usb = $inspection->controller->carrier->usb;
        if (
            null === $usb
            || UsbIsolation::Direct !== $usb->isolation
            || $board->rails[$board->mcu->rail]->throughUsb
            || false === $board->mcu->usbTogether?->value
            || $board->entry()->label !== $inspection->controller->carrier->entries()[0]->label
        ) {
            return;
        }
        $together = true === $board->mcu->usbTogether?->value;
        yield new Finding(
            $this->facts(),
            $together ? Severity::Weak : Severity::Hint,
            'board',
            $together
                ? sprintf(
                    'USB is used while %s feeds the carrier, and nothing on the carrier keeps the two apart.',
                    $board->feeder($board->mcu->rail)->identity->name,
                )
                : sprintf(
                    'Do not plug USB in while %s feeds the carrier: nothing on it keeps the two apart.',
                    $board->feeder($board->mcu->rail)->identity->name,
                ),
            proposals: static fn(): array => [new Remedy('State that both are never plugged in together', new StateUsbTogether(false))],
        );
    }
}
