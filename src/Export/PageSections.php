<?php

declare(strict_types=1);

namespace IronLatch\Export;

use IronLatch\Core\Exchange\Papers\BuildStep;
use IronLatch\Core\Exchange\Papers\FirstPage;
use IronLatch\Core\Mains\WireSize;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Wire;

/** Parts of printed pages that more than one of them has. */
final readonly class PageSections
{
    public const MAINS = 'Mains kills. Isolate and prove dead before you open anything; nothing is touched while live. '
        . 'Local wiring codes and a licensed electrician decide; a unit that you build yourself is not certified and can burn. '
        . 'Use a fuse and a residual-current device, and an enclosure that needs a tool to open. '
        . 'Iron Latch says what it has checked and what not.';

    public static function page(Handover $handover, string $title): PrintedPage
    {
        return new PrintedPage(
            sprintf('%s: %s', $title, $handover->board->name),
            implode(', ', array_filter([
                $handover->board->name,
                null === $handover->revision ? '' : 'revision ' . $handover->revision,
                $handover->date,
            ], static fn(string $part): bool => '' !== $part)),
            $handover->wishes['paper'] ?? 'a4',
            'large' === ($handover->wishes['print'] ?? ''),
        );
    }

    public static function state(PrintedPage $page, FirstPage $first): void
    {
        $page->heading('Latches');
        $page->table('How each stage stands', ['Stage', 'Latch'], array_map(
            static fn(string $stage, string $says): array => [$stage, $says],
            array_keys($first->latches),
            array_values($first->latches),
        ));
        foreach ([
            'Open: not to be built like this' => $first->open,
            'Accepted by the maker' => $first->accepted,
            'Assumed, because nobody has stated it' => $first->assumed,
            'Not checked, because a fact is missing' => $first->notChecked,
            'Worth knowing' => $first->hints,
        ] as $title => $points) {
            if ([] !== $points) {
                $page->heading($title);
                $page->points($points);
            }
        }
        if ([] !== $first->verify) {
            $page->heading('To verify on each copy before mains');
            $page->points($first->verify, true);
        }
        $page->heading('What the rule book never looks at');
        $page->points($first->neverLooked);
    }

    public static function step(PrintedPage $page, Handover $handover, int $number, BuildStep $step): void
    {
        $who = $step->isForCompetent ? ' (competent person: ____________________)' : '';
        $page->heading(sprintf('%d. %s%s', $number, $step->title, $who));
        if ('' !== $step->caution) {
            $page->caution($step->caution);
        }
        $page->points($step->does, true);
        $connections = $handover->connections();
        $page->table('Wires', ['Done', 'Number', 'From', 'To', 'Colour', 'Size', 'Length'], array_map(
            static fn(Wire $wire): array => [
                '',
                $wire->number,
                $connections->words($wire->from),
                $connections->words($wire->to),
                $wire->onBoard ? '' : $wire->colour->value . ' ' . $wire->colour->words(),
                $wire->onBoard || null === $wire->squareMetres
                    ? ''
                    : WireSize::printed($wire->squareMetres, $handover->board->system()->cordTable),
                null === $wire->metres ? '' : QuantityPrinter::rounded($wire->metres, Unit::Metre),
            ],
            $step->wires,
        ), ['Done']);
        foreach (self::alike($step->readings) as $rows) {
            $page->table(
                sprintf('%s. Another reading means: %s', ucfirst($rows[0]->step), $rows[0]->means),
                ['Between', 'and', 'Expected', 'Limit', 'Read'],
                array_map(static fn(ContinuityRow $row): array => [$row->from, $row->to, $row->expected, $row->limit, ''], $rows),
                ['Read'],
            );
        }
    }

    /**
     * What a reading means is said once for all that mean the same, in their order.
     *
     * @param list<ContinuityRow> $readings
     * @return list<non-empty-list<ContinuityRow>>
     */
    private static function alike(array $readings): array
    {
        $groups = [];
        foreach ($readings as $row) {
            $groups[$row->step . "\n" . $row->means][] = $row;
        }

        return array_values($groups);
    }
}
