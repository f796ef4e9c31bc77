<?php

// Forms of firms, as they are written, at the end of a name or before it, by where they are used.

return [
    'GB' => ['Ltd', 'Ltd.', 'LTD', 'Limited', 'LLP', 'plc', 'PLC', 'CIC'],
    'US' => ['Inc', 'Inc.', 'LLC', 'Corp', 'Corp.', 'PBC', 'L.L.C.', 'LP', 'Co.', 'P.C.', 'PLLC'],
    'AU' => ['Pty Ltd', 'Pty. Ltd.'],
    'AT' => ['e.U.', 'OG'],
    'BE' => ['BVBA', 'CVBA', 'VZW', 'vzw'],
    'BR' => ['Ltda', 'Ltda.', 'LTDA', 'EIRELI', 'S/A'],
    'MX' => ['S.A. de C.V.', 'S. de R.L.'],
    'DE' => ['GmbH', 'gGmbH', 'mbH', 'AG', 'KG', 'OHG', 'UG', 'UG (haftungsbeschränkt)', 'GbR', 'e.V.', 'e. V.', 'e.K.', 'eG', 'KGaA', 'SE', 'PartG', 'PartGmbB', 'Sàrl'],
    'FR' => ['SA', 'S.A.', 'SAS', 'S.A.S.', 'SASU', 'SARL', 'S.A.R.L.', 'EURL', 'SCI', 'SNC', 'SCOP', 'SELARL', 'SCP', 'SCIC'],
    'ES' => ['SL', 'S.L.', 'SLU', 'S.L.U.', 'SLP', 'S.L.P.', 'S. L.', 'S. A.', 'S.A.U.', 'S.Coop.', 'SLL'],
    'PT' => ['Lda', 'Lda.', 'LDA', 'Unipessoal'],
    'IT' => ['Srl', 'S.r.l.', 'S.R.L.', 'SRL', 'S.r.l', 'srl', 's.r.l.', 'SpA', 'S.p.A.', 'SPA', 'spa', 'Snc', 'S.n.c.', 'snc', 'Sas', 'S.a.s.', 'Srls', 'S.r.l.s.', 'SAS'],
    'NL' => ['BV', 'B.V.', 'b.v.', 'bv', 'NV', 'N.V.', 'VOF', 'V.O.F.', 'v.o.f.'],
    'PL' => ['sp. z o.o.', 'Sp. z o.o.', 'Sp. z o. o.', 'sp. z o. o.', 'Sp.z o.o.', 'SP. Z O.O.', 'sp.j.', 'sp. j.', 'Sp. j.', 'sp. k.', 'Sp. k.', 'sp.k.', 's.c.', 'S.C.', 'P.S.A.'],
    'CZ' => ['s.r.o.', 's. r. o.', 'spol. s r.o.', 'spol. s r. o.', 'a.s.', 'a. s.', 'z.s.', 'z. s.', 'k.s.', 'v.o.s.', 'o.p.s.', 'n. o.', 'o. z.'],
    'SE' => ['AB', 'HB', 'KB', 'Aktiebolag'],
    'DK' => ['ApS', 'A/S', 'I/S', 'K/S', 'P/S', 'a.m.b.a.'],
    'NO' => ['AS', 'ASA', 'ANS', 'ENK', 'BA'],
    'FI' => ['Oy', 'Oyj', 'Ky', 'Tmi', 'ry', 'Ay', 'Oy Ab', 'OY'],
    'HU' => ['Kft.', 'Kft', 'Zrt.', 'Zrt', 'Nyrt.', 'Bt.', 'Bt', 'Kkt.'],
    'RO' => ['SRL', 'S.R.L.', 'PFA', 'S.C.'],
    'HR' => ['d.o.o.', 'd. o. o.', 'd.d.', 'j.d.o.o.'],
    'GR' => ['Α.Ε.', 'ΑΕ', 'Ε.Π.Ε.', 'ΕΠΕ', 'Ο.Ε.', 'ΟΕ', 'Ι.Κ.Ε.', 'ΙΚΕ', 'Ε.Ε.', 'Α.Ε'],
    'RU' => ['ООО', 'АО', 'ЗАО', 'ПАО', 'ОАО', 'ИП', 'НКО'],
    'UA' => ['ТОВ', 'ФОП', 'ПП', 'АТ', 'ПАТ', 'ТзОВ'],
    'TR' => ['A.Ş.', 'A.Ş', 'AŞ', 'Ltd. Şti.', 'Ltd.Şti.', 'LTD. ŞTİ.', 'Ltd. Şti'],
    'IL' => ['בע"מ', 'בע״מ', 'ע"ר', 'ע״ר', 'בע\'\'מ'],
    'AE' => ['ذ.م.م', 'ذ.م.م.', 'ش.م.م', 'ش.م.م.', 'ش.م.ك', 'ش.م.ك.', 'ش.ذ.م.م'],
];
