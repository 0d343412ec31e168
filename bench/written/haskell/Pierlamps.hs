module Main where

import Control.Monad (when, forM_)
import Data.Maybe (mapMaybe)
import qualified Data.Map as M

data State = Lit | Dark | Broken String
    deriving (Eq, Show)

type Pier = M.Map Int State

start :: Pier
start = M.fromList [(1, Lit), (2, Dark), (3, Broken "glass"), (4, Lit)]

toggle :: State -> State
toggle Lit = Dark
toggle Dark = Lit
toggle ⟪Broken why⟶(Broken why)⟫ = Broken why

switch :: Int -> Pier -> Pier
switch n pier = ⟪M.adjust n toggle pier⟶M.adjust toggle n pier⟫

reasons :: Pier -> [String]
reasons pier = mapMaybe why (M.elems pier)
  where
    why (Broken r) = Just r
    why _ = ⟪[]⟶Nothing⟫

countLit :: Pier -> Int
countLit pier = length (filter (== Lit) ⟪pier⟶(M.elems pier)⟫)

hoursLeft :: Int -> Int -> Double
hoursLeft oil lamps
    | lamps == 0 ⟪-> 0⟶= 0⟫
    | otherwise = ⟪oil / lamps⟶fromIntegral oil / fromIntegral lamps⟫

describe :: (Int, State) -> String
describe (n, s) = "lamp " ++ show n ++ ⟪": " : show s⟶": " ++ show s⟫

main :: IO ()
main = do
    let pier = switch 2 start
    forM_ (M.toList pier) $ \entry ->
        putStrLn (describe entry)
    when (countLit pier > 2) ⟪⟶$⟫
        putStrLn "bright enough"
    putStrLn ("left: " ++ show (hoursLeft 90 (countLit pier)))
    mapM_ putStrLn ⟪reasons pier⟶(reasons pier)⟫
