<?php

declare(strict_types=1);

namespace IronLatch\Bench;

use IronLatch\Core\Bench\TrialCell;
use IronLatch\Core\Bench\TrialReport;
use IronLatch\Core\Bench\TrialResult;
use IronLatch\Core\Bench\TrialVerdict;
use IronLatch\Core\Review\TrialNote;

/** A trial as it is kept: one mark for each cell, in the order of the plan, and words where something failed. */
final readonly class TrialMarks
{
    private const LETTERS = [
        'p' => TrialVerdict::Passes,
        'o' => TrialVerdict::OutOfReach,
        'n' => TrialVerdict::DoesNotAct,
        'l' => TrialVerdict::Late,
        'u' => TrialVerdict::Untrue,
        'a' => TrialVerdict::Astray,
        'h' => TrialVerdict::Harm,
    ];

    /**
     * @param string $marks one letter a cell
     * @param array<int, string> $words by the place of the cell
     * @param list<string> $gaps
     * @param list<string> $assumed
     */
    private function __construct(public string $marks, public array $words, public array $gaps, public array $assumed) {}

    public static function of(TrialReport $report): self
    {
        $marks = '';
        $words = [];
        foreach ($report->results as $place => $one) {
            $marks .= array_search($one->verdict, self::LETTERS, true);
            if ('' !== $one->words) {
                $words[$place] = $one->words;
            }
        }

        return new self($marks, $words, $report->gaps, $report->assumed);
    }

    public function write(): string
    {
        return json_encode(
            ['marks' => $this->marks, 'words' => (object) $this->words, 'gaps' => $this->gaps, 'assumed' => $this->assumed],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return ?self null for what is none */
    public static function read(string $json): ?self
    {
        $data = json_decode($json, true);
        if (!is_array($data) || !is_string($data['marks'] ?? null) || '' !== trim($data['marks'], implode('', array_keys(self::LETTERS)))) {
            return null;
        }
        $words = [];
        foreach (is_array($data['words'] ?? null) ? $data['words'] : [] as $place => $one) {
            if (is_string($one)) {
                $words[(int) $place] = $one;
            }
        }

        return new self($data['marks'], $words, self::strings($data['gaps'] ?? null), self::strings($data['assumed'] ?? null));
    }

    /**
     * @return list<string>
     */
    private static function strings(mixed $data): array
    {
        return array_values(array_filter(is_array($data) ? $data : [], is_string(...)));
    }

    public function note(): TrialNote
    {
        $good = substr_count($this->marks, 'p') + substr_count($this->marks, 'o');

        return new TrialNote(strlen($this->marks), strlen($this->marks) - $good, count($this->gaps));
    }

    /**
     * The results again, beside the cells of the plan that they belong to.
     *
     * @param list<TrialCell> $cells
     */
    public function report(array $cells): TrialReport
    {
        $results = [];
        foreach (array_slice($cells, 0, strlen($this->marks)) as $place => $cell) {
            $results[] = new TrialResult($cell, self::LETTERS[$this->marks[$place]], $this->words[$place] ?? '', null);
        }

        return new TrialReport($results, count($cells), $this->gaps, $this->assumed);
    }
}
