<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The run that stands on the bench of a board: what was done in it so far, and how far its time has come. */
#[ORM\Entity]
#[ORM\Table(name: 'live_bench')]
class LiveBenchRecord
{
    #[ORM\Column(type: Types::GUID)]
    private string $revisionId;

    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        RevisionRecord $revision,
        #[ORM\Column(type: Types::TEXT)]
        private string $script,
        #[ORM\Column(type: Types::BOOLEAN)]
        private bool $runs,
    ) {
        $this->revisionId = $revision->id();
    }

    public function board(): BoardRecord
    {
        return $this->board;
    }

    /** The revision on which the last thing was done. */
    public function revisionId(): string
    {
        return $this->revisionId;
    }

    public function script(): string
    {
        return $this->script;
    }

    /** Whether time goes on after each act, until it is quiet. */
    public function runs(): bool
    {
        return $this->runs;
    }

    public function goesOn(RevisionRecord $revision, string $script, bool $runs): void
    {
        $this->revisionId = $revision->id();
        $this->script = $script;
        $this->runs = $runs;
    }
}
