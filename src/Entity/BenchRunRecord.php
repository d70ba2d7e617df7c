<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One run of the bench: its script and the revision it belongs to; all else follows from these. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'bench_run')]
class BenchRunRecord
{
    #[ORM\Id]
    #[ORM\Column(type: Types::GUID)]
    private string $id;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        #[ORM\ManyToOne(targetEntity: RevisionRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private RevisionRecord $revision,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(type: Types::TEXT)]
        private string $script,
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

    public function revision(): RevisionRecord
    {
        return $this->revision;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function script(): string
    {
        return $this->script;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }
}
