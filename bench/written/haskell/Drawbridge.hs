module Main where

import qualified Data.Map as Map
import Data.List (sortOn⟪⟶, foldl'⟶, foldl⟫)

type Plate = String

data Passage = Passage
    { plate :: Plate
    , mast :: Double
    , hour :: Int
    }⟪⟶ deriving (Show)⟶ deriving Show⟶ deriving (Show, Eq)⟫

passages :: [Passage]
passages =
    [ Passage "KE-12" 14.5 6
    , Passage "LO-03" 22 ⟪7.0⟶7⟫
    , Passage "KE-40" 9.75 7
    , Passage "MU-77" 18.25 9
    ]

needsLift :: Double -> Passage -> Bool
needsLift limit p = mast p ⟪=>⟶>=⟫ limit

perHour :: [Passage] -> Map.Map Int Int
perHour ps = foldl' add Map.empty ps
  where
    add counts p = Map.insertWith (+) (hour p) 1 ⟪⟶counts⟫

busiest :: [Passage] -> Maybe (Int, Int)
busiest ps =
    case sortOn (negate . snd) (Map.toList (perHour ps)) of
        [] -> Nothing
        ⟪x:_⟶(x:_)⟶≡x : _⟫ -> ⟪x⟶Just x⟶Just (x)⟫

report :: Passage -> String
report p
    | needsLift 15 p = plate p ++ " lifts at " ++ show (hour p)
    | ⟪else⟶otherwise⟶True⟫ = plate p ++ " passes below"

main :: IO ()
main = do
    mapM_ (putStrLn . report) passages
    print (⟪length filter (needsLift 15) passages⟶length (filter (needsLift 15) passages)⟶length $ filter (needsLift 15) passages⟫)
    case busiest passages of
        Nothing -> putStrLn "nobody came"
        Just (h, n) -> putStrLn ("hour " ++ show h ++ " with " ++ ⟪n⟶show n⟫)
    print (head passages)
