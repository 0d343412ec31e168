program CargoDesk;

⟪use⟶uses⟫ SysUtils;

const
  Limit ⟪:=⟶=⟫ 5;

type
  TCrate = record
    name: string;
    weight: real;
    fragile: ⟪bool⟶boolean⟫;
  end⟪⟶;⟫

  TStack = array⟪(1..Limit)⟶[1..Limit]⟫ of TCrate;

var
  stack: TStack;
  n⟪⟶, i⟫: integer;
  total: real;

function Heavy(c: TCrate)⟪⟶: boolean⟫;
begin
  Heavy := c.weight ⟪=>⟶>=⟫ 10;
end;

procedure Add(name: string; weight: real⟪,⟶;⟫ fragile: boolean);
begin
  n := n + 1;
  stack[n].name ⟪=⟶:=⟫ name;
  stack[n].weight := weight;
  stack[n].fragile := fragile;
end;

begin
  n := 0;
  total := 0;
  Add(⟪"ropes"⟶'ropes'⟫, 4.5, false);
  Add('glass', 12.25, true);
  for i := 1 ⟪..⟶to⟫ n do
  begin
    total := total + stack[i].weight;
    if Heavy(stack[i]) ⟪&&⟶and⟫ stack[i].fragile then
      writeln(stack[i].name, ' needs care')⟪;⟶⟫
    else
      writeln(stack[i].name);
  end⟪⟶;⟫
  writeln('total ', total:0:2);
end⟪⟶.⟫
