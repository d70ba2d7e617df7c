<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\Fit\Laid;
use IronLatch\Core\Catalogue\Assembler;

/** What an assembler asks for: the list of parts it fits, and where each lies, in the columns of its terms. */
final readonly class OrderLists
{
    /**
     * @param list<list<string>> $parts headings first
     * @param list<list<string>> $placement headings first
     */
    private function __construct(public array $parts, public array $placement) {}

    /** Of the terms that are chosen, else in the usual columns. */
    public static function of(Board $board, PartsList $list, ?BoxPlan $plan): self
    {
        $terms = null === $board->build->assembler ? null : $board->part($board->build->assembler, Assembler::class);
        $rows = array_values(array_filter(
            $list->rows,
            static fn(PartsRow $row): bool => [] !== $row->designators && FittedBy::Nobody !== $row->fittedBy,
        ));
        $columns = $terms->partsColumns ?? ['designators', 'value', 'package', 'quantity', 'fitted by'];
        $placed = $terms->placementColumns ?? ['designator', 'x', 'y', 'side', 'rotation'];

        return new self(
            [$columns, ...array_map(
                static fn(PartsRow $row): array => array_map(static fn(string $column): string => self::ofParts($row, $column), $columns),
                $rows,
            )],
            [$placed, ...self::placed($rows, $plan, $placed)],
        );
    }

    private static function ofParts(PartsRow $row, string $column): string
    {
        return match ($column) {
            'designators' => implode(' ', $row->designators),
            'value' => $row->what,
            'package' => $row->package,
            'quantity' => $row->counted(),
            'part' => $row->part ?? '',
            'fitted by' => $row->fittedBy->value,
            default => implode('; ', $row->notes),
        };
    }

    /**
     * @param list<PartsRow> $rows
     * @param list<string> $columns
     * @return list<list<string>>
     */
    private static function placed(array $rows, ?BoxPlan $plan, array $columns): array
    {
        $board = $plan?->board();
        $placed = [];
        foreach ($rows as $row) {
            foreach ($row->designators as $designator) {
                $laid = $plan->laid[$designator] ?? null;
                if (null !== $laid && null !== $board) {
                    // Measured from the lower left corner of the board, as layout desks do (common practice, no source).
                    $x = ($laid->body->left + $laid->body->right) / 2 - $board->left;
                    $y = $board->bottom - ($laid->body->top + $laid->body->bottom) / 2;
                    $placed[$designator] = array_map(
                        static fn(string $column): string => self::ofPlacement($row, $laid, $column, $designator, $x, $y),
                        $columns,
                    );
                }
            }
        }
        ksort($placed, SORT_NATURAL);

        return array_values($placed);
    }

    private static function ofPlacement(PartsRow $row, Laid $laid, string $column, string $designator, float $x, float $y): string
    {
        return match ($column) {
            'designator' => $designator,
            'value' => $row->what,
            'package' => $row->package,
            'x' => sprintf('%.2f mm', 1000 * $x),
            'y' => sprintf('%.2f mm', 1000 * $y),
            'side' => 'top',
            // Counter-clockwise, as layout desks turn; here parts are turned clockwise.
            default => (string) ((360 - 90 * $laid->at->quarters) % 360),
        };
    }
}
