<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Lines;

use IronLatch\Core\Board\Edit\Whole\TakePartFacts;
use IronLatch\Core\Board\PartsInUse;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Part whose facts are not those of the catalogue. */
final class PartFactsDiffer implements Rule
{
    /** How many differences a statement names. */
    private const MOST_NAMED = 3;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'lines.part-facts',
            version: 1,
            title: 'Part whose facts are not those of the catalogue',
            severities: [Severity::Weak],
            reason: 'A board file carries the facts of its parts. Where one of them says something else than the catalogue does of the '
                . 'same part, every check rests on a word of unknown origin.',
            threshold: 'the facts of every part in use against those of the catalogue, where id and version are the same',
            basis: Basis::CommonPractice,
            source: 'the catalogue',
            silentWhen: 'the part is not in this catalogue, or of another version; the maker accepts the facts that came with the board',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (PartsInUse::of($inspection->board) as $id => $part) {
            $known = $inspection->catalogue?->part($id);
            if (null === $known || $known === $part || $known->identity()->version !== $part->identity()->version) {
                continue;
            }
            $differences = [];
            self::compare(
                '',
                RecordWriter::writeVariant(Part::class, $part),
                RecordWriter::writeVariant(Part::class, $known),
                $differences,
            );
            if ([] === $differences) {
                continue;
            }
            $named = implode('; ', array_slice($differences, 0, self::MOST_NAMED))
                . (count($differences) > self::MOST_NAMED ? sprintf('; and %d more', count($differences) - self::MOST_NAMED) : '');
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'The facts of %s that came with this board are not the catalogue’s: %s. Choose under “The board as a whole” '
                        . 'whose to take.',
                    $part->identity()->name,
                    $named,
                ),
                proposals: static fn(): array => [new Remedy('Take the catalogue’s facts', new TakePartFacts($known))],
            );
        }
    }

    /**
     * @param list<string> $differences in words
     */
    private static function compare(string $path, mixed $here, mixed $known, array &$differences): void
    {
        if ($here === $known) {
            return;
        }
        if (is_array($here) && is_array($known)) {
            foreach (array_keys($here + $known) as $key) {
                self::compare('' === $path ? (string) $key : $path . '.' . $key, $here[$key] ?? null, $known[$key] ?? null, $differences);
            }

            return;
        }
        $said = static fn(mixed $value): string => match (true) {
            null === $value => 'not stated',
            is_scalar($value) => is_bool($value) ? ($value ? 'yes' : 'no') : '“' . $value . '”',
            default => 'something else',
        };
        $differences[] = sprintf('%s is %s here and %s there', $path, $said($here), $said($known));
    }
}
