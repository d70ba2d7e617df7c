<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** A finding that the maker lets stand: on which figure, why, and who decided. */
final readonly class Acceptance
{
    /**
     * @param string $kind the kind of finding that was accepted; another one lets the acceptance lapse
     * @param string $figure the finding’s figure as printed, or its sentence where it has none; another one lets the acceptance lapse
     * @param int $ruleVersion version of the rule that spoke; a newer one lets the acceptance lapse
     */
    public function __construct(
        public string $rule,
        public string $subject,
        public string $kind,
        public string $figure,
        public int $ruleVersion,
        public string $reason,
        public string $decidedBy,
    ) {
        if ('' === trim($reason) || '' === trim($decidedBy)) {
            throw new \InvalidArgumentException('To accept a finding, give the reason and the name of who decided.');
        }
    }

    public function key(): string
    {
        return $this->rule . ':' . $this->subject;
    }
}
