<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A board after one edit. Never altered once written. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'revision')]
#[ORM\UniqueConstraint(name: 'revision_number', columns: ['board_id', 'number'])]
class RevisionRecord
{
    #[ORM\Id]
    #[ORM\Column(type: Types::GUID)]
    private string $id;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        /** The revision that the edit was made on; null for the first. */
        #[ORM\ManyToOne(targetEntity: self::class)]
        private ?RevisionRecord $base,
        /** Counted from 1 in the order of making, over all branches. */
        #[ORM\Column]
        private int $number,
        /** @var resource|string the board, packed */
        #[ORM\Column(type: Types::BLOB)]
        private $content,
        /** @var resource|string the edit, packed; an empty record for the first revision */
        #[ORM\Column(name: 'edit_content', type: Types::BLOB)]
        private $editContent,
        #[ORM\Column(type: Types::TEXT)]
        private string $summary,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $madeAt,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public function id(): string
    {
        return $this->id;
    }

    public function board(): BoardRecord
    {
        return $this->board;
    }

    public function base(): ?self
    {
        return $this->base;
    }

    public function number(): int
    {
        return $this->number;
    }

    /** The board, packed. */
    public function content(): string
    {
        return Blob::text($this->content);
    }

    /** The edit, packed. */
    public function editContent(): string
    {
        return Blob::text($this->editContent);
    }

    public function summary(): string
    {
        return $this->summary;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
