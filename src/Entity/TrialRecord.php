<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What a trial has said of one document, by one rule book and one version of the program. */
#[ORM\Entity]
#[ORM\Table(name: 'trial_verdict')]
class TrialRecord
{
    public function __construct(
        /** A hash of the board’s document. */
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        private string $document,
        #[ORM\Id]
        #[ORM\Column(name: 'rule_book', length: 20)]
        private string $ruleBook,
        #[ORM\Id]
        #[ORM\Column]
        private int $program,
        /** JSON: see TrialMarks. */
        #[ORM\Column(type: Types::TEXT)]
        private string $verdict,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $triedAt,
    ) {}

    public function document(): string
    {
        return $this->document;
    }

    public function ruleBook(): string
    {
        return $this->ruleBook;
    }

    public function program(): int
    {
        return $this->program;
    }

    public function verdict(): string
    {
        return $this->verdict;
    }

    public function triedAt(): \DateTimeImmutable
    {
        return $this->triedAt;
    }

    public function writeAnew(string $verdict, \DateTimeImmutable $now): void
    {
        $this->verdict = $verdict;
        $this->triedAt = $now;
    }
}
