<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Catalogue\Basis;

/** What the rule book says of a rule. */
final readonly class RuleFacts
{
    public Stage $stage;

    /**
     * @param string $id stage and name: “pins.shared-pin”; the stage follows from it
     * @param int $version rises when the rule judges otherwise than before
     * @param list<Severity> $severities the kinds of finding it can make
     * @param string $reason why it matters
     * @param string $threshold what exactly is compared with what
     * @param ?LineJoint $joint of a line, which a finding about a relay is drawn at; null for rules that are never about one
     * @param list<class-string<Rule>> $explainedBy rules whose finding on the same subject, if it weighs no less, is the reason for this
     *     one
     * @param string $silentWhen when it deliberately says nothing; empty if never
     */
    public function __construct(
        public string $id,
        public int $version,
        public string $title,
        public array $severities,
        public string $reason,
        public string $threshold,
        public Basis $basis,
        public string $source,
        public string $silentWhen = '',
        public array $explainedBy = [],
        public ?LineJoint $joint = null,
    ) {
        $this->stage = Stage::of($id);
    }
}
