<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A board on the shelf: which of its revisions is the present one. */
#[ORM\Entity]
#[ORM\Table(name: 'board')]
class BoardRecord
{
    #[ORM\Id]
    #[ORM\Column(type: Types::GUID)]
    private string $id;

    /** The revision that the screens show. */
    #[ORM\Column(type: Types::GUID)]
    private string $headId;

    /** The newest revision of the branch that the head is on: where redo leads. */
    #[ORM\Column(type: Types::GUID)]
    private string $tipId;

    /** Optimistic lock: two edits at once cannot both move the head. */
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    public function __construct(
        #[ORM\Column]
        private string $name,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $changedAt,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->headId = $this->tipId = $this->id;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function headId(): string
    {
        return $this->headId;
    }

    public function tipId(): string
    {
        return $this->tipId;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function changedAt(): \DateTimeImmutable
    {
        return $this->changedAt;
    }

    public function removedAt(): ?\DateTimeImmutable
    {
        return $this->removedAt;
    }

    /**
     * @param ?RevisionRecord $tip null leaves the branch as it is
     */
    public function moveTo(RevisionRecord $head, ?RevisionRecord $tip, string $name, \DateTimeImmutable $now): void
    {
        $this->headId = $head->id();
        $this->tipId = $tip?->id() ?? $this->tipId;
        $this->name = $name;
        $this->changedAt = $now;
    }

    public function remove(\DateTimeImmutable $now): void
    {
        $this->removedAt = $now;
    }

    public function restore(): void
    {
        $this->removedAt = null;
    }
}
