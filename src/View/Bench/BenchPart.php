<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** Something on the bench that is in a state: what it is called in a run, and a word for each state it may be in. */
final readonly class BenchPart
{
    /**
     * @param string $key kind and subject, as a run tells it: “relay A1”
     * @param array<int|string, string> $words by state
     */
    private function __construct(public string $key, public string $state, public array $words) {}

    /**
     * @param array<string, string> $states of all parts
     * @param array<int|string, string> $words by state; the first is where nothing is known
     */
    public static function in(array $states, string $key, array $words): self
    {
        $state = $states[$key] ?? '';

        return new self($key, isset($words[$state]) ? $state : (string) array_key_first($words), $words);
    }

    public function says(): string
    {
        return $this->words[$this->state] ?? '';
    }
}
