<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\Edit\Build\ChooseAssembler;
use IronLatch\Core\Build\FittedBy;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part that the assembler does not keep. */
final class MissingStock implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.missing-stock',
            version: 1,
            title: 'Part that the assembler does not keep',
            severities: [Severity::Weak],
            reason: 'What is not in stock is left empty, or waited for.',
            threshold: 'each part that the assembler solders is on the stock list of the chosen terms, by its id or its words '
                . 'in the parts list',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'no stock list is stated, or it is not an assembled board',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $build = $inspection->board->build;
        if (BuildForm::Assembled !== $build->form() || null === $build->assembler) {
            return;
        }
        $terms = $inspection->board->part($build->assembler, Assembler::class);
        $stock = array_map(mb_strtolower(...), $terms->stock);
        foreach ([] === $stock ? [] : $inspection->partsList()->rows as $row) {
            $isKept = in_array(mb_strtolower($row->what), $stock, true) || (null !== $row->part && in_array($row->part, $stock, true));
            if (FittedBy::Assembler === $row->fittedBy && !$isKept && [] !== $row->designators) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $row->designators[0],
                    sprintf(
                        '“%s” (%s) is not on the stock list of “%s”.',
                        $row->what,
                        implode(', ', $row->designators),
                        $terms->identity->name,
                    ),
                    proposals: static fn(): array => self::others($inspection, $terms),
                );
            }
        }
    }

    /**
     * Terms of which no stock list is stated, or of the same kind: what they keep is to be asked.
     *
     * @return list<Remedy>
     */
    private static function others(Inspection $inspection, Assembler $present): array
    {
        return array_values(array_map(
            static fn(Assembler $other): Remedy => new Remedy(
                sprintf('Have it made: %s', $other->identity->name),
                new ChooseAssembler($other),
            ),
            array_filter(
                Repairs::of($inspection)->partsOnOffer(Assembler::class),
                static fn(Assembler $other): bool => $other->identity->id !== $present->identity->id,
            ),
        ));
    }
}
