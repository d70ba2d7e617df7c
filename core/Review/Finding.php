<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Acceptance;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Record\Copy;

/** One thing that a check has to say. */
final readonly class Finding
{
    private ?Proposals $proposals;

    /**
     * @param string $subject id of the line, relay, function or rail, or name of the pin, that it is about
     * @param string $statement one sentence with its numbers
     * @param list<Figure> $figures the deciding one first
     * @param null|Proposals|\Closure(): list<Remedy> $proposals finds the remedies, best first, when somebody asks for them
     * @param ?string $root key of the finding that this one only follows from
     * @param ?Acceptance $acceptance set by the inspector when the maker lets it stand
     */
    public function __construct(
        public RuleFacts $rule,
        public Severity $severity,
        public string $subject,
        public string $statement,
        public array $figures = [],
        \Closure|Proposals|null $proposals = null,
        public ?string $root = null,
        public ?Acceptance $acceptance = null,
    ) {
        $this->proposals = $proposals instanceof \Closure ? new Proposals($proposals) : $proposals;
    }

    /**
     * The key that a rule's finding on a subject has, or would have.
     *
     * @param class-string<Rule> $rule
     */
    public static function keyOf(string $rule, string $subject): string
    {
        return (new $rule())->facts()->id . ':' . $subject;
    }

    public function key(): string
    {
        return $this->rule->id . ':' . $this->subject;
    }

    /** The deciding figure as printed; empty when the finding is a plain fact. */
    public function figure(): string
    {
        return isset($this->figures[0]) ? $this->figures[0]->printed() : '';
    }

    /** What an acceptance is bound to: the figure, or for a plain fact the whole sentence. */
    public function acceptedAs(): string
    {
        return isset($this->figures[0]) ? $this->figures[0]->printed() : $this->statement;
    }

    /**
     * @return list<Remedy> that were tried and hold: repairs first, then promises and what may be said of it
     */
    public function remedies(): array
    {
        return $this->proposals?->remedies($this) ?? [];
    }

    /**
     * @return list<Remedy> that are thought of, none of them tried: quick, and not to be offered as they are
     */
    public function untried(): array
    {
        return $this->proposals?->untried() ?? [];
    }

    /** Whether a remedy does away with this finding and with others, and brings nothing that hurts. */
    public function goesWith(Remedy $remedy, self ...$others): bool
    {
        return $this->proposals?->mendsAll($remedy, $this, ...$others) ?? false;
    }

    /** Whether it keeps its stage’s latch open. */
    public function counts(): bool
    {
        return null === $this->root && null === $this->acceptance && $this->severity->opensLatch();
    }

    /** Its remedies are tried before they are shown. */
    public function triedBy(Trial $trial): self
    {
        return Copy::of($this, ['proposals' => $this->proposals?->triedBy($trial)]);
    }

    public function with(?Acceptance $acceptance): self
    {
        return Copy::of($this, ['proposals' => $this->proposals, 'acceptance' => $acceptance]);
    }

    public function followingFrom(?string $root): self
    {
        return Copy::of($this, ['proposals' => $this->proposals, 'root' => $root]);
    }
}
