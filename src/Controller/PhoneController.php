<?php

declare(strict_types=1);

namespace IronLatch\Controller;

use IronLatch\Entity\May;
use IronLatch\Http\Door;
use IronLatch\Http\DoorKeeper;
use IronLatch\Phone\Certificate;
use IronLatch\Phone\Devices;
use IronLatch\View\Notice;
use Psr\Clock\ClockInterface;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Which devices in the house are let in: said on the desk’s own machine only, but for the page at which one is paired. */
final class PhoneController extends AbstractController
{
    private const ONLY_HERE = [May::ROUTE => May::DESK];

    public function __construct(private readonly Devices $devices, private readonly ClockInterface $clock) {}

    #[Route('/phone', name: 'phone', methods: ['GET'], defaults: self::ONLY_HERE)]
    public function desk(Request $request): Response
    {
        return $this->page($request);
    }

    /** Changes when a code is used up or made, or a device comes or goes: what the page asks for while it is looked at. */
    #[Route('/phone/mark', name: 'phone_mark', methods: ['GET'], defaults: self::ONLY_HERE)]
    public function mark(): Response
    {
        return new Response($this->devices->mark(), headers: ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }

    #[Route('/phone/code', name: 'phone_code', methods: ['POST'], defaults: self::ONLY_HERE)]
    public function code(Request $request): Response
    {
        $may = May::tryFrom($request->request->getString('may'));
        if (null === $may) {
            return $this->page($request, Notice::refused('Say what the device may do: look, bench and commissioning, or everything.'));
        }
        $this->devices->newCode($may);

        return $this->redirectToRoute('phone', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/phone/devices/{device}', name: 'phone_may', methods: ['POST'], defaults: self::ONLY_HERE)]
    public function may(Request $request, string $device): Response
    {
        $may = May::tryFrom($request->request->getString('may'));
        if (null !== $may) {
            $this->devices->mayFromNowOn($device, $may);
        }

        return $this->redirectToRoute('phone', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/phone/devices/{device}/out', name: 'phone_out', methods: ['POST'], defaults: self::ONLY_HERE)]
    public function takeOut(string $device): Response
    {
        $this->devices->takeOut($device);

        return $this->redirectToRoute('phone', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/phone/out', name: 'phone_all_out', methods: ['POST'], defaults: self::ONLY_HERE)]
    public function takeAllOut(): Response
    {
        $this->devices->takeAllOut();

        return $this->redirectToRoute('phone', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/pair', name: 'pair', methods: ['GET'])]
    public function pairing(Request $request): Response
    {
        return Door::of($request)->isPhone()
            ? $this->pairingPage(false)
            : $this->redirectToRoute('phone', [], Response::HTTP_SEE_OTHER);
    }

    #[Route('/pair', name: 'pair_with', methods: ['POST'])]
    public function pair(Request $request): Response
    {
        $door = Door::of($request);
        $cookie = $door->isPhone()
            ? $this->devices->pair($request->request->getString('code'), $request->request->getString('name'))
            : null;
        if (null === $cookie) {
            return $this->pairingPage(true);
        }
        $response = new Response('', Response::HTTP_SEE_OTHER, ['Location' => '/']);
        $response->headers->setCookie(new Cookie(
            DoorKeeper::COOKIE,
            $cookie,
            $this->clock->now()->modify(sprintf('+%d days', Devices::COOKIE_DAYS)),
            '/',
            null,
            $door->isSecure(),
            true,
            false,
            Cookie::SAMESITE_STRICT,
        ));

        return $response;
    }

    /** It needs nothing besides itself: whoever is not paired gets no file of the desk. */
    private function pairingPage(bool $isRefused): Response
    {
        $style = (string) preg_replace('/\s+/', ' ', $this->renderView('phone/pair.css.twig'));
        $response = $this->render(
            'phone/pair.html.twig',
            ['style' => $style, 'is_refused' => $isRefused],
            new Response(status: $isRefused ? Response::HTTP_FORBIDDEN : Response::HTTP_OK),
        );
        $response->headers->set('Cache-Control', 'no-store');
        $response->headers->set('Content-Security-Policy', sprintf(
            "default-src 'none'; style-src 'sha256-%s'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
            base64_encode(hash('sha256', $style, true)),
        ));

        return $response;
    }

    private function page(Request $request, ?Notice $notice = null): Response
    {
        $address = $request->server->get(Door::SHOWN);
        $certificate = $request->server->get(Door::CERTIFICATE);
        $gate = $this->devices->gate();
        $now = $this->clock->now();

        return $this->render('phone/desk.html.twig', [
            'here' => 'phone',
            'address' => is_string($address) ? $address : '',
            'fingerprint' => is_string($certificate) ? Certificate::fingerprint($certificate) : null,
            'code' => $gate?->code($now),
            'seconds' => max(0, ($gate?->codeUntil()?->getTimestamp() ?? 0) - $now->getTimestamp()),
            'mark' => $this->devices->mark(),
            'gate' => $gate,
            'waits' => $gate?->waits($now) ?? 0,
            'devices' => $this->devices->all(),
            'rights' => May::cases(),
            'days' => Devices::COOKIE_DAYS,
            'notice' => $notice,
        ], new Response(status: null === $notice ? 200 : 422));
    }
}
