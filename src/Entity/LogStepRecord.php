<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The log of a board after one entry; the newest counts, the one before is what taking back leads to. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'log_step')]
class LogStepRecord
{
    /**
     * @param resource|string $packed the log as JSON, deflated
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        #[ORM\Id]
        #[ORM\Column]
        private int $number,
        #[ORM\Column(length: 200)]
        private string $summary,
        #[ORM\Column(type: Types::BLOB)]
        private $packed,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $madeAt,
        #[ORM\Column(length: 36, nullable: true)]
        private ?string $once = null,
    ) {}

    /** What the device called the entry that made it, so that one that is sent twice is put down once. */
    public function once(): ?string
    {
        return $this->once;
    }

    public function board(): BoardRecord
    {
        return $this->board;
    }

    public function number(): int
    {
        return $this->number;
    }

    /** What was put down. */
    public function summary(): string
    {
        return $this->summary;
    }

    public function packed(): string
    {
        return Blob::text($this->packed);
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
