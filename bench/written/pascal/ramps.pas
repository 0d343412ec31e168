program Ramps;

{$mode objfpc}{$H+}

uses SysUtils;

const
  MaxRamps ⟪:=⟶=⟫ 8;

type
  TRamp = record
    Name: string;
    Width: Real;
    Open: Boolean;
  end;

var
  All: array[1..MaxRamps] of TRamp;
  Used⟪⟶, I⟫: Integer;

procedure AddRamp(const AName: string; AWidth: Real);
begin
  if Used >= MaxRamps then
  begin
    WriteLn('too many');
    Exit;
  end;
  Used := Used + 1;
  All[Used].Name := AName;
  All[Used].Width := AWidth;
  All[Used].Open := True;
end;

function Widest: Integer;
var
  I: Integer;
begin
  Result := 1;
  for I := 2 to Used do
    if All[I].Width > All[Result].Width then
      Result := ⟪All[I]⟶I⟫;
end⟪⟶;⟫

function TotalWidth: Real;
var
  Sum: Real;
  I: Integer;
begin
  Sum ⟪=⟶:=⟫ 0;
  for I := 1 to Used do
    Sum := Sum + All[I].Width;
  TotalWidth := Sum;
end;

begin
  Used := 0;
  AddRamp('north', 4.5);
  AddRamp(⟪"south"⟶'south'⟫, 6);
  AddRamp('east', ⟪'5.5'⟶5.5⟫);
  for I := 1 to Used do
  begin
    Write(All[I].Name, ' ', All[I].Width:0:1);
    if not All[I].Open then
      WriteLn(' shut')⟪;⟶⟫
    else
      WriteLn(' open');
  end;
  WriteLn('widest ' + All[Widest].Name);
  WriteLn('total ' + ⟪TotalWidth⟶FloatToStr(TotalWidth)⟫);
end⟪⟶.⟫
