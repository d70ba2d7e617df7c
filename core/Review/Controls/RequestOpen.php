<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\WebCall;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Request that switches without being asked to. */
final class RequestOpen implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.request-open',
            version: 1,
            title: 'Request that anybody, or anything, can make',
            severities: [Severity::Weak],
            reason: 'A page that is only opened, looked at ahead or sent on is fetched by GET, and that must switch '
                . 'nothing. And without a token everything in the network can switch: a guest’s phone, a '
                . 'television.',
            threshold: 'requests that carry commands: by POST, PUT or PATCH, with a token in a heading, in the address '
                . 'or in the body',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->channels as $id => $channel) {
            $call = $inspection->board->profile($channel)->call;
            $fault = null === $call || [] === $inspection->controls->on($id) ? null : self::fault($call);
            if (null !== $fault) {
                yield new Finding($this->facts(), Severity::Weak, $id, sprintf('What switches by way of “%s” %s.', $channel->name, $fault));
            }
        }
    }

    private static function fault(WebCall $call): ?string
    {
        return match (true) {
            !$call->isSafeFromLookingAhead() => 'is a GET: a page that is only looked at ahead switches too. State POST in a profile of '
                . 'your own',
            !$call->asksForAToken() => 'asks for no token: whatever is in the network can send it. State one in a profile of your own',
            default => null,
        };
    }
}
