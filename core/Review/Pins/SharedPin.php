<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Kind;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Stage;

/** Two functions on one pin. */
final class SharedPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            'pins.shared-pin',
            1,
            Stage::Pins,
            'Two functions on one pin',
            [Kind::Broken],
            'Two circuits on one pin fight each other, and neither can be told from the other.',
            'one function per pin',
            Basis::CommonPractice,
            'the nature of a pin',
            'the functions are signals of one bus (none is in the catalogue yet)',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $onPin = [];
        foreach ($inspection->seating->pins as $function => $pin) {
            $onPin[$pin->name()][] = $function;
        }
        foreach ($onPin as $pin => $functions) {
            if (count($functions) > 1) {
                $names = implode(' and ', array_map(static fn(string $id): string => '“' . $inspection->board->nameOf($id) . '”', $functions));
                yield new Finding($this->facts(), Kind::Broken, $pin, sprintf('%s both sit on %s.', $names, $inspection->controller->pins[$pin]->bothNames()), proposals: fn(): array => self::remedies($inspection, $functions));
            }
        }
    }

    /**
     * @param list<string> $functions
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, array $functions): array
    {
        $remedies = [];
        foreach (array_reverse($functions) as $function) {
            if ($inspection->board->seats[$function]->locked) {
                continue;
            }
            foreach ($inspection->moveToBestPin($function) as $remedy) {
                $remedies[] = new Remedy(sprintf('Move “%s”: %s', $inspection->board->nameOf($function), lcfirst($remedy->title)), $remedy->edit);
            }
        }

        return $remedies;
    }
}
