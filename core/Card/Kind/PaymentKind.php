<?php

namespace InkyCard\Card\Kind;

final class PaymentKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call];

    public function __construct()
    {
        parent::__construct(
            'payment', 'Payment', 'credit-card', 'Where to pay an invoice or a deposit.', 'link', 'Pay an invoice',
            'quillfern.example/pay',
        );
    }
}
