<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A file that came back from a layout desk or an assembler, with what was said of it when it was read last. */
#[ORM\Entity]
#[ORM\Table(name: 'returned_file')]
class ReturnedRecord
{
    #[ORM\Id]
    #[ORM\Column(type: Types::GUID)]
    private string $id;

    /**
     * @param resource|string $packed the file, deflated
     * @param string $verdict JSON: kind, words, whether it agrees
     */
    public function __construct(
        #[ORM\ManyToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        #[ORM\Column]
        private int $revision,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 64)]
        private string $sha256,
        #[ORM\Column(type: Types::BLOB)]
        private $packed,
        /** A hash of the connections that it was held against. */
        #[ORM\Column(length: 64)]
        private string $connections,
        #[ORM\Column(type: Types::TEXT)]
        private string $verdict,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $cameAt,
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

    /** The number of the revision that it was held against. */
    public function revision(): int
    {
        return $this->revision;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function sha256(): string
    {
        return $this->sha256;
    }

    public function packed(): string
    {
        return Blob::text($this->packed);
    }

    public function connections(): string
    {
        return $this->connections;
    }

    public function verdict(): string
    {
        return $this->verdict;
    }

    public function cameAt(): \DateTimeImmutable
    {
        return $this->cameAt;
    }

    public function judge(int $revision, string $connections, string $verdict): void
    {
        $this->revision = $revision;
        $this->connections = $connections;
        $this->verdict = $verdict;
    }
}
