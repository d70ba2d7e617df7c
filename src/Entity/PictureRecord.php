<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A picture beside the log of a board, by its hash. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'log_picture')]
class PictureRecord
{
    /**
     * @param resource|string $bytes JPEG
     */
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        private string $sha256,
        #[ORM\Column(type: Types::BLOB)]
        private $bytes,
    ) {}

    public function board(): BoardRecord
    {
        return $this->board;
    }

    public function sha256(): string
    {
        return $this->sha256;
    }

    public function bytes(): string
    {
        return Blob::text($this->bytes);
    }
}
