<?php

declare(strict_types=1);

namespace IronLatch\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What the maker of a board has settled about files that come back. */
#[ORM\Entity]
#[ORM\Table(name: 'layout_decisions')]
class LayoutDecisionsRecord
{
    public function __construct(
        #[ORM\Id]
        #[ORM\OneToOne(targetEntity: BoardRecord::class)]
        #[ORM\JoinColumn(name: 'board_id', nullable: false, onDelete: 'CASCADE')]
        private BoardRecord $board,
        /** JSON: see Decisions. */
        #[ORM\Column(type: Types::TEXT)]
        private string $decisions,
    ) {}

    public function board(): BoardRecord
    {
        return $this->board;
    }

    public function decisions(): string
    {
        return $this->decisions;
    }

    public function settle(string $decisions): void
    {
        $this->decisions = $decisions;
    }
}
